/** Texts written for the tests, of all levels and kinds, with keys by hand of what they are for and how they are built. */
import { readdirSync, readFileSync } from 'node:fs';
import { completeMaterial, type TextMaterial } from '../texts/reading/text-material';

export interface OwnText {
  readonly name: string;
  readonly level: string;
  readonly kind: string;
  /** By hand; undefined where a reader could say either. */
  readonly purpose: string | undefined;
  readonly structure: string | undefined;
  readonly material: TextMaterial;
}

const folder = new URL('./own-texts/', import.meta.url);

export const ownTexts: readonly OwnText[] = readdirSync(folder)
  .sort()
  .map((file) => {
    const [head = '', body = ''] = readFileSync(new URL(file, folder), 'utf8').split('\n---\n');
    const fields = new Map(
      head.split('\n').map((line) => line.split(': ') as [name: string, value: string]),
    );
    const keyed = (name: string) => (fields.get(name) === '-' ? undefined : fields.get(name));
    return {
      name: file.replace('.txt', ''),
      level: fields.get('level') ?? '',
      kind: fields.get('kind') ?? '',
      purpose: keyed('purpose'),
      structure: keyed('structure'),
      material: completeMaterial({ title: fields.get('title') ?? '', body: body.trim() }),
    };
  });
