/** The atlas: outlines of land and countries, and the places that a teacher can name. */
import { geoContains } from 'd3-geo';
import type { Feature, FeatureCollection, MultiPolygon, Polygon, Position } from 'geojson';
import { feature } from 'topojson-client';
import type { GeometryCollection, Topology } from 'topojson-specification';

export type Outline = Feature<Polygon | MultiPolygon, { readonly name: string }>;

/** As `data/pack-maps.ts` packs it. */
export interface AtlasPack {
  /** Natural Earth, countries at 1:50 million and land at 1:110 million, as TopoJSON. */
  readonly countries: Topology;
  readonly land: Topology;
  /** A place a line: name, ISO 3166 country, longitude, latitude, people; the largest first. */
  readonly places: string;
}

export interface Place {
  readonly name: string;
  readonly kind: 'town' | 'country';
  /** ISO 3166 alpha-2, of a town. */
  readonly country?: string;
  /** Degrees, east and north positive. */
  readonly longitude: number;
  readonly latitude: number;
  readonly people?: number;
}

/** Without accents and case: “Sao Paulo” finds São Paulo. */
export const plainName = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .replace(/[’'.]/g, '')
    .replace(/[-\s]+/g, ' ')
    .trim()
    .toLowerCase();

const outlinesOf = (topology: Topology, name: string): Outline[] => {
  const found = feature(topology, topology.objects[name] as GeometryCollection<{ name: string }>);
  return (found as FeatureCollection<Polygon | MultiPolygon, { name: string }>).features;
};

/** The rings of an outline, each outer ring by itself. */
export const ringsOf = ({ geometry }: Outline): Position[][][] =>
  geometry.type === 'Polygon' ? [geometry.coordinates] : geometry.coordinates;

export class Atlas {
  readonly countries: readonly Outline[];
  readonly land: readonly Outline[];
  private readonly places: readonly Place[];
  private readonly keys: readonly string[];

  constructor(pack: AtlasPack) {
    this.countries = outlinesOf(pack.countries, 'countries');
    this.land = outlinesOf(pack.land, 'land');
    const towns = pack.places.split('\n').flatMap((line): Place[] => {
      const [name, country, longitude, latitude, people] = line.split('\t');
      if (!name || !country) return [];
      return [
        {
          name,
          kind: 'town',
          country,
          longitude: Number(longitude),
          latitude: Number(latitude),
          people: Number(people),
        },
      ];
    });
    this.places = [...this.countries.flatMap(countryPlace), ...towns];
    this.keys = this.places.map(({ name }) => plainName(name));
  }

  /**
   * Places by what is typed: those of that name first, then those that begin with it, the larger
   * before the smaller; countries before towns of the same name.
   */
  find(typed: string, most = 8): Place[] {
    const key = plainName(typed);
    if (key === '') return [];
    const exact: Place[] = [];
    const begins: Place[] = [];
    this.keys.forEach((name, index) => {
      const place = this.places[index];
      if (place === undefined) return;
      if (name === key) exact.push(place);
      else if (name.startsWith(key)) begins.push(place);
    });
    return [...exact, ...begins].slice(0, most);
  }

  /** The country that a place lies in; of one that the coarse coast leaves in the sea, the nearest. */
  countryAt({ longitude, latitude }: Pick<Place, 'longitude' | 'latitude'>): Outline | undefined {
    const point: [number, number] = [longitude, latitude];
    const inside = this.countries.find(
      (country) => near(country, point) && geoContains(country, point),
    );
    return inside ?? nearest(this.countries, point);
  }
}

/** The middle of the largest piece of a country, by its extent. */
function countryPlace(outline: Outline): Place[] {
  const main = ringsOf(outline)
    .map(([ring = []]) => extentOf(ring))
    .sort((one, other) => areaOf(other) - areaOf(one))[0];
  if (main === undefined) return [];
  const [west, south, east, north] = main;
  const { name } = outline.properties;
  return [{ name, kind: 'country', longitude: (west + east) / 2, latitude: (south + north) / 2 }];
}

type Extent = readonly [west: number, south: number, east: number, north: number];

/** Degrees that a ring takes up; one over the 180th meridian counts as going round. */
export function extentOf(ring: readonly Position[]): Extent {
  const longitudes = ring.map(([longitude = 0]) => longitude);
  const latitudes = ring.map(([, latitude = 0]) => latitude);
  return [
    Math.min(...longitudes),
    Math.min(...latitudes),
    Math.max(...longitudes),
    Math.max(...latitudes),
  ];
}

const areaOf = ([west, south, east, north]: Extent) => (east - west) * (north - south);

const near = (outline: Outline, [longitude, latitude]: readonly [number, number]) =>
  ringsOf(outline).some(([ring = []]) => {
    const [west, south, east, north] = extentOf(ring);
    return longitude >= west && longitude <= east && latitude >= south && latitude <= north;
  });

/** A coast at 1:50 million is this far off at most, in degrees. */
const COARSE = 2;

function nearest(
  countries: readonly Outline[],
  [longitude, latitude]: readonly [number, number],
): Outline | undefined {
  const shrink = Math.cos((latitude * Math.PI) / 180);
  let found: Outline | undefined;
  let least = COARSE;
  for (const country of countries) {
    for (const [east = 0, north = 0] of ringsOf(country).flat(2)) {
      const distance = Math.hypot((east - longitude) * shrink, north - latitude);
      if (distance < least) [found, least] = [country, distance];
    }
  }
  return found;
}
