/** Places and their maps, for scripts. */
import { locatorMap, mapPicture, type MapZoom } from '../maps/locator-map';
import { loadedAtlas } from './loaded';

/** Places by what is typed, the likeliest first. */
export function findPlaces({ name, most = 8 }: { name: string; most?: number }) {
  return { places: loadedAtlas().find(name, most) };
}

/**
 * The map of a place: the likeliest of its name, or the one in a country (ISO 3166).
 *
 * @throws RangeError for a place that the atlas lacks
 */
export function placeMap({
  name,
  country,
  zoom = 'country',
  marked = true,
}: {
  name: string;
  country?: string;
  zoom?: MapZoom;
  marked?: boolean;
}) {
  const place = loadedAtlas()
    .find(name, 200)
    .find((each) => country === undefined || each.country === country);
  if (place === undefined) {
    throw new RangeError(
      `The atlas has no place ${name}${country === undefined ? '' : ` in ${country}`}. It has countries, and towns of 15,000 people or more.`,
    );
  }
  const map = locatorMap(loadedAtlas(), place, zoom);
  return { place, zoom, mark: map.mark, picture: mapPicture(map, marked) };
}
