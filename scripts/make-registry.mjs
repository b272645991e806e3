// Lists every maker file in core/exercises/makers/index.ts, so that a new exercise type is one new file.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';

const folder = new URL('../core/exercises/makers/', import.meta.url);
const target = new URL('index.ts', folder);

export function registrySource() {
  const files = readdirSync(folder)
    .filter((file) => file.endsWith('.ts') && file !== 'index.ts' && !file.endsWith('.test.ts'))
    .map((file) => file.slice(0, -3))
    .sort();
  const name = (file) => file.replace(/-(\w)/g, (_, letter) => letter.toUpperCase());
  const list = files.map((file) => `  ${name(file)},`).join('\n');
  return `// Written by scripts/make-registry.mjs from the files in this folder; do not edit.
import type { Maker } from '../making/maker';
${files.map((file) => `import ${name(file)} from './${file}';`).join('\n')}

/** Every maker, by file name. */
export const makers: readonly Maker[] = [
${list}
];
`;
}

export function writeRegistry() {
  const source = registrySource();
  let present = '';
  try {
    present = readFileSync(target, 'utf8');
  } catch {
    // Not written yet.
  }
  if (present !== source) writeFileSync(target, source);
}
