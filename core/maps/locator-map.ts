/**
 * A map that shows where a place is, in lines for print: the globe, its country, or the region
 * round it. The outlines are Natural Earth's at 1:50 million, too coarse for anything nearer.
 */
import {
  geoAzimuthalEqualArea,
  geoGraticule10,
  geoOrthographic,
  geoPath,
  type GeoProjection,
} from 'd3-geo';
import { extentOf, ringsOf, type Atlas, type Outline, type Place } from './atlas';

export const mapZooms = ['globe', 'country', 'region'] as const;

export type MapZoom = (typeof mapZooms)[number];

export interface MapPath {
  readonly kind: 'edge' | 'grid' | 'land' | 'country' | 'home';
  /** Path data of SVG, in the units of the map. */
  readonly d: string;
}

export interface LocatorMap {
  /** Of the map, in units of a hundredth of its width. */
  readonly width: number;
  readonly height: number;
  readonly paths: readonly MapPath[];
  /** Where the place stands on the map. */
  readonly mark: { readonly x: number; readonly y: number };
  readonly zoom: MapZoom;
}

/** A map is as wide as this, in its own units, and three quarters as high. */
const WIDTH = 100;
const HEIGHT = 75;
/** Degrees across a region; nearer than half a degree the outlines mean nothing. */
const REGION = 9;
/** Least and most degrees across a country's map. */
const [LEAST, MOST] = [5, 70];
/** White round a country. */
const ROUND = 1.25;

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** Seen from straight above a point, so many degrees across. */
function above(longitude: number, latitude: number, degrees: number): GeoProjection {
  return geoAzimuthalEqualArea()
    .rotate([-longitude, -latitude])
    .translate([WIDTH / 2, HEIGHT / 2])
    .scale(WIDTH / radians(degrees))
    .clipAngle(89)
    .clipExtent([
      [0, 0],
      [WIDTH, HEIGHT],
    ]);
}

/** The piece of a country that a place lies in, or the nearest piece to it. */
function pieceAt(home: Outline, { longitude, latitude }: Place) {
  return ringsOf(home)
    .map(([ring = []]) => extentOf(ring))
    .map((extent) => {
      const [west, south, east, north] = extent;
      const outside = Math.hypot(
        Math.max(west - longitude, 0, longitude - east),
        Math.max(south - latitude, 0, latitude - north),
      );
      return { extent, outside, area: (east - west) * (north - south) };
    })
    .sort((one, other) => one.outside - other.outside || other.area - one.area)[0]?.extent;
}

function projectionOf(place: Place, zoom: MapZoom, home: Outline | undefined): GeoProjection {
  const { longitude, latitude } = place;
  if (zoom === 'globe') {
    return geoOrthographic()
      .rotate([-longitude, -latitude * 0.7])
      .translate([WIDTH / 2, HEIGHT / 2])
      .scale(HEIGHT / 2 - 1);
  }
  const piece = zoom === 'country' && home !== undefined ? pieceAt(home, place) : undefined;
  if (piece === undefined) return above(longitude, latitude, REGION);
  const [west, south, east, north] = piece;
  const middle = (south + north) / 2;
  const across = (east - west) * Math.cos(radians(middle));
  const degrees = Math.max(across, ((north - south) * WIDTH) / HEIGHT) * ROUND;
  return above((west + east) / 2, middle, Math.min(MOST, Math.max(LEAST, degrees)));
}

/** Draws the map of a place. */
export function locatorMap(atlas: Atlas, place: Place, zoom: MapZoom): LocatorMap {
  const home =
    place.kind === 'country'
      ? atlas.countries.find(({ properties }) => properties.name === place.name)
      : atlas.countryAt(place);
  const projection = projectionOf(place, zoom, home);
  const path = geoPath(projection).digits(2);
  const drawn = (kind: MapPath['kind'], shape: Parameters<typeof path>[0]): MapPath[] => {
    const d = path(shape);
    return d ? [{ kind, d }] : [];
  };
  const globe = zoom === 'globe';
  const outlines = globe ? atlas.land : atlas.countries;
  const [x = WIDTH / 2, y = HEIGHT / 2] = projection([place.longitude, place.latitude]) ?? [];
  return {
    width: WIDTH,
    height: HEIGHT,
    zoom,
    paths: [
      ...(globe ? drawn('edge', { type: 'Sphere' }) : []),
      ...(globe ? drawn('grid', geoGraticule10()) : []),
      ...outlines.flatMap((each) => drawn(globe ? 'land' : 'country', each)),
      ...(home ? drawn('home', home) : []),
      ...(globe ? [] : [{ kind: 'edge' as const, d: `M0,0H${WIDTH}V${HEIGHT}H0Z` }]),
    ],
    mark: { x: Math.round(x * 100) / 100, y: Math.round(y * 100) / 100 },
  };
}

/** How each kind is drawn: lines that print in black alone. */
const strokes: Readonly<Record<MapPath['kind'], string>> = {
  edge: 'fill="none" stroke="#000" stroke-width="0.4"',
  grid: 'fill="none" stroke="#bbb" stroke-width="0.12"',
  land: 'fill="#eee" stroke="#555" stroke-width="0.2"',
  country: 'fill="#f0f0f0" stroke="#777" stroke-width="0.2"',
  home: 'fill="#cfcfcf" stroke="#000" stroke-width="0.35"',
};

/** On the globe small islands would be blots. */
const FAR = 'fill="#999" stroke="#333" stroke-width="0.12"';

/** What the licence of the places asks for; it stays with the picture wherever that goes. */
export const MAP_CREDIT = 'Natural Earth · GeoNames, CC BY 4.0';

/** The map as an SVG picture, with or without a dot in a ring where the place is. */
export function mapPicture(map: LocatorMap, marked: boolean): string {
  const { width, height, paths, mark, zoom } = map;
  const style = (kind: MapPath['kind']) =>
    kind === 'home' && zoom === 'globe' ? FAR : strokes[kind];
  const drawn = paths.map(({ kind, d }) => `<path d="${d}" ${style(kind)}/>`).join('');
  const at = `cx="${mark.x}" cy="${mark.y}"`;
  const dot = marked
    ? `<circle ${at} r="2.2" fill="none" stroke="#000" stroke-width="0.5"/><circle ${at} r="0.9" fill="#000"/>`
    : '';
  const credit = `<text x="${width - 1}" y="${height - 1}" text-anchor="end" font-family="sans-serif" font-size="1.7" fill="#333" stroke="#fff" stroke-width="0.5" paint-order="stroke">${MAP_CREDIT}</text>`;
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}" width="${width * 20}" height="${height * 20}">` +
    `<rect width="${width}" height="${height}" fill="#fff"/>${drawn}${dot}${credit}</svg>`
  );
}
