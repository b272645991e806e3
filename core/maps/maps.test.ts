import { readFileSync } from 'node:fs';
import { gunzipSync, strFromU8 } from 'fflate';
import { describe, expect, test } from 'vitest';
import { Atlas, plainName, type AtlasPack, type Place } from './atlas';
import { locatorMap, mapPicture, mapZooms } from './locator-map';

const bytes = gunzipSync(readFileSync(new URL('../../data/packs/maps.pack', import.meta.url)));
const atlas = new Atlas(JSON.parse(strFromU8(bytes)) as AtlasPack);

const place = (name: string, country?: string): Place => {
  const found = atlas.find(name, 100).find((each) => each.country === country);
  if (found === undefined) throw new Error(`no ${name}`);
  return found;
};

describe('places', () => {
  // Degrees of a school atlas, from memory, to the nearest half degree.
  test.each([
    ['Lisbon', 'PT', -9, 38.5],
    ['Nairobi', 'KE', 37, -1.5],
    ['Wellington', 'NZ', 175, -41.5],
    ['Reykjavík', 'IS', -22, 64],
    ['Quito', 'EC', -78.5, 0],
    ['Kyoto', 'JP', 135.5, 35],
    ['Cardiff', 'GB', -3, 51.5],
  ])('%s lies where an atlas has it', (name, country, longitude, latitude) => {
    const found = place(name, country);
    expect(Math.abs(found.longitude - longitude)).toBeLessThan(0.6);
    expect(Math.abs(found.latitude - latitude)).toBeLessThan(0.6);
  });

  test('are found without accents, case and hyphens, the larger first', () => {
    expect(plainName(' São  Tomé ')).toBe('sao tome');
    expect(atlas.find('sao paulo')[0]?.name).toBe('São Paulo');
    const [first, ...others] = atlas.find('Birmingham');
    expect(first?.country).toBe('GB');
    expect(others.map(({ country }) => country)).toContain('US');
    expect(atlas.find('port').every(({ name }) => plainName(name).startsWith('port'))).toBe(true);
  });

  test('a country stands before a town of its name', () => {
    expect(atlas.find('Luxembourg')[0]?.kind).toBe('country');
    expect(atlas.find('Kenya')[0]?.kind).toBe('country');
  });

  test('nothing and what is on no map give no place', () => {
    expect(atlas.find('  ')).toEqual([]);
    expect(atlas.find('Fernhill-under-Nowhere')).toEqual([]);
  });

  // ISO 3166 of the town against the outline that it lies in, by the names of Natural Earth.
  test.each([
    ['Porto', 'PT', 'Portugal'],
    ['Lyon', 'FR', 'France'],
    ['Nagoya', 'JP', 'Japan'],
    ['Kingston', 'JM', 'Jamaica'],
    ['Suva', 'FJ', 'Fiji'],
    ['Venice', 'IT', 'Italy'],
    ['Maseru', 'LS', 'Lesotho'],
  ])('%s lies in its country, by the coast too', (name, country, expected) => {
    expect(atlas.countryAt(place(name, country))?.properties.name).toBe(expected);
  });

  test('the middle of an ocean is in no country', () => {
    expect(atlas.countryAt({ longitude: -140, latitude: -40 })).toBeUndefined();
  });
});

/** Numbers of path data, as pairs. */
const points = (d: string) =>
  [...d.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(([, x, y]) => [Number(x), Number(y)] as const);

describe('maps', () => {
  const towns = [
    place('Porto', 'PT'),
    place('Wellington', 'NZ'),
    place('Nairobi', 'KE'),
    place('Anchorage', 'US'),
    place('Suva', 'FJ'),
    atlas.find('Japan')[0] as Place,
  ];

  test.each(towns.flatMap((town) => mapZooms.map((zoom) => [town.name, zoom, town] as const)))(
    '%s by %s: its mark and its lines stand on the map',
    (_, zoom, town) => {
      const map = locatorMap(atlas, town, zoom);
      expect(map.mark.x).toBeGreaterThan(2);
      expect(map.mark.x).toBeLessThan(map.width - 2);
      expect(map.mark.y).toBeGreaterThan(2);
      expect(map.mark.y).toBeLessThan(map.height - 2);
      expect(map.paths.some(({ kind }) => kind === 'home')).toBe(true);
      for (const [x, y] of map.paths.flatMap(({ d }) => points(d))) {
        expect(x).toBeGreaterThanOrEqual(-0.1);
        expect(x).toBeLessThanOrEqual(map.width + 0.1);
        expect(y).toBeGreaterThanOrEqual(-0.1);
        expect(y).toBeLessThanOrEqual(map.height + 0.1);
      }
    },
  );

  test('north is up and east is right', () => {
    const [porto, lisbon] = [place('Porto', 'PT'), place('Lisbon', 'PT')];
    const at = (town: Place) => locatorMap(atlas, town, 'country').mark;
    // Both on the map of Portugal's mainland: Porto lies north of Lisbon (from memory).
    expect(at(porto).y).toBeLessThan(at(lisbon).y);
    const [vigo, valencia] = [place('Vigo', 'ES'), place('Valencia', 'ES')];
    expect(at(vigo).x).toBeLessThan(at(valencia).x);
  });

  test('a region has its place in the middle', () => {
    expect(locatorMap(atlas, place('Nairobi', 'KE'), 'region').mark).toEqual({ x: 50, y: 37.5 });
  });

  test('the picture is lines in greys, with or without its dot', () => {
    const map = locatorMap(atlas, place('Porto', 'PT'), 'country');
    const [marked, blank] = [mapPicture(map, true), mapPicture(map, false)];
    expect(marked).toContain('<circle');
    expect(blank).not.toContain('<circle');
    // CC BY 4.0, section 3(a): who made it is named wherever it goes, so on the picture itself.
    for (const picture of [marked, blank]) expect(picture).toContain('GeoNames, CC BY 4.0');
    const colours = [...marked.matchAll(/#([0-9a-f]{3,6})/g)].map(([, hex = '']) => hex);
    for (const hex of colours)
      expect(new Set(hex.match(hex.length === 3 ? /./g : /../g)).size).toBe(1);
    // 8 to 15 kB gzipped were measured for a map of a country; in letters about four times as much.
    expect(marked.length).toBeLessThan(120_000);
  });
});
