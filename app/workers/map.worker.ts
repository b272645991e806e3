/** The atlas in a worker of its own: fetched when a map is first asked for. */
import * as Comlink from 'comlink';
import { gunzipSync, strFromU8 } from 'fflate';
import atlasUrl from '../../data/packs/maps.pack?url';
import { Atlas, type AtlasPack, type Place } from '~core/maps/atlas';
import { locatorMap, mapPicture, type MapZoom } from '~core/maps/locator-map';

async function read(): Promise<Atlas> {
  const response = await fetch(atlasUrl);
  if (!response.ok) throw new Error(`The atlas could not be loaded (${response.status}).`);
  const bytes = gunzipSync(new Uint8Array(await response.arrayBuffer()));
  return new Atlas(JSON.parse(strFromU8(bytes)) as AtlasPack);
}

let atlas: Promise<Atlas> | undefined;

/** Read once, and again after it failed. */
function opened(): Promise<Atlas> {
  atlas ??= read().catch((error: unknown) => {
    atlas = undefined;
    throw error;
  });
  return atlas;
}

/** A map as an SVG picture, and where the place stands on it, in shares of its width and height. */
export interface DrawnMap {
  readonly picture: string;
  readonly ratio: number;
  readonly at: { readonly x: number; readonly y: number };
}

const service = {
  async find(typed: string): Promise<Place[]> {
    return (await opened()).find(typed);
  },
  async draw(place: Place, zoom: MapZoom, marked: boolean): Promise<DrawnMap> {
    const map = locatorMap(await opened(), place, zoom);
    return {
      picture: mapPicture(map, marked),
      ratio: map.width / map.height,
      at: { x: map.mark.x / map.width, y: map.mark.y / map.height },
    };
  },
};

export type MapService = typeof service;

Comlink.expose(service);
