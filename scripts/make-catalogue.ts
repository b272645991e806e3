/** Writes core/exercises/catalogue.json: what there is to choose from, without the makers' code. */
import { writeFileSync } from 'node:fs';
import { infoOf } from '../core/exercises/info-of';
import { makers } from '../core/exercises/makers';

const target = new URL('../core/exercises/catalogue.json', import.meta.url);
writeFileSync(target, `${JSON.stringify(makers.map(infoOf), null, 1)}\n`);
