// The storeys of core/, from the ground up, and the lint rule that holds them: a file imports from
// its own folder and from those named before it, never from one above. The order is total, so that
// no two folders can import each other, by a value or by a type.
import { existsSync, statSync } from 'node:fs';
import { dirname, join, relative, sep } from 'node:path';
import { fileURLToPath } from 'node:url';

const core = fileURLToPath(new URL('../core', import.meta.url));

/** `*` stands for any one folder. */
export const storeys = [
  ['kernel', 'maps', 'learner-phrases'],
  [
    'languages',
    'languages/shared',
    'languages/en/sounds',
    'languages/en/lexicon',
    'languages/en/forms',
    'languages/en/words',
    'languages/en/speech',
    'languages/en/grammar/tokens',
    'languages/en/grammar/tagging',
    'languages/en/grammar/clauses',
    'languages/en/grammar/describe',
    'languages/en/grammar/structures',
    'languages/en/grammar/frames',
    'languages/en/grammar/transform',
    'languages/en/grammar/find',
    'languages/en/grammar/writing',
    'languages/en/grammar',
    'languages/en/rules',
    'languages/en/sentence-sets',
    'languages/concepts',
    'languages/spelling-rules',
    'languages/number-words',
    'languages/romance-words',
    'languages/*',
    'languages/romance',
    'languages/registry',
  ],
  ['classes', 'paper'],
  ['reach', 'search', 'rule-cards'],
  ['texts/analysis', 'texts/devices', 'texts/fit', 'texts/marks', 'texts', 'texts/reading'],
  ['lists', 'listening'],
  [
    'exercises/interactions/kit',
    'exercises/interactions/*',
    'exercises/interactions',
    'exercises/making',
    'exercises/makers',
    'exercises',
  ],
  ['pieces', 'practice', 'qti'],
  ['results'],
  ['standards', 'plan', 'board'],
  ['sheets/reading', 'sheets/blocks', 'sheets', 'documents'],
  ['records', 'records/exchange'],
  ['lessons', 'library', 'demo', 'room/games', 'room'],
  ['script', ''],
];

const order = storeys.flat();

/** How high a folder of core/ stands; −1 where no storey names it. */
export function heightOf(folder) {
  const exact = order.indexOf(folder);
  if (exact >= 0) return exact;
  const [, ...up] = folder.split('/').reverse();
  return order.indexOf([...up.reverse(), '*'].join('/'));
}

const folderOf = (file) => relative(core, dirname(file)).split(sep).join('/');

/** The file an import means, with `index` for a folder. */
function targetOf(file, specifier) {
  const path = specifier.startsWith('~core/')
    ? join(core, specifier.slice('~core/'.length))
    : join(dirname(file), specifier);
  return existsSync(path) && statSync(path).isDirectory() ? join(path, 'index.ts') : path;
}

const storeyRule = {
  meta: { type: 'problem', schema: [] },
  create(context) {
    const file = context.filename;
    const from = folderOf(file);
    const height = heightOf(from);
    const check = (node) => {
      const specifier = node.source?.value;
      if (typeof specifier !== 'string' || !/^(?:\.|~core\/)/.test(specifier)) return;
      const to = folderOf(targetOf(file, specifier));
      if (to === from) return;
      const siblings = height === heightOf(to) && height >= 0;
      if (heightOf(to) > height || siblings) {
        context.report({
          node,
          message: `core/${from} may not import core/${to}: it stands ${siblings ? 'beside' : 'above'} it (scripts/storeys.mjs).`,
        });
      }
    };
    return {
      Program(node) {
        if (height < 0)
          context.report({
            node,
            message: `core/${from} stands on no storey: name it in scripts/storeys.mjs.`,
          });
      },
      ImportDeclaration: check,
      ExportNamedDeclaration: check,
      ExportAllDeclaration: check,
      TSImportType(node) {
        check({ ...node, source: node.argument?.literal ?? node.source });
      },
    };
  },
};

export default { rules: { storeys: storeyRule } };
