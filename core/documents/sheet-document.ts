/** A sheet, of one exercise or of a teacher's own blocks, as a document: the learner's part, then the key. */
import type { Exercise } from '../exercises/making/exercise';
import type { ResolvedBlock } from '../sheets/lay-out-blocks';
import { readingNodes, textDocument } from '../sheets/lay-out-text';
import { GAP, type DocumentNode } from '../paper/document';
import { keyNodes, taskNodes } from './task-document';

const heading = (text: string): DocumentNode => ({ kind: 'heading', text });
const text = (content: string): DocumentNode => ({ kind: 'text', text: content });

const KEY = 'Key: ';

/** The document up to its key: what learners may see. */
export function learnersPart(nodes: readonly DocumentNode[]): readonly DocumentNode[] {
  const key = nodes.findLastIndex((node) => node.kind === 'title' && node.text.startsWith(KEY));
  if (key < 0) return nodes;
  return nodes.slice(0, nodes[key - 1]?.kind === 'page' ? key - 1 : key);
}

/** What is to be done, also in a language of the learners' homes. */
const instructionNodes = ({ instruction, also }: Exercise): DocumentNode[] => [
  text(instruction),
  ...(also ? [text(also.text)] : []),
];

/** A document of one exercise. */
export function exerciseDocument(exercise: Exercise): DocumentNode[] {
  return [
    text(`Name ${GAP}${GAP}   Date ${GAP}`),
    { kind: 'title', text: exercise.title },
    ...(exercise.reading ? [...readingNodes(exercise.reading), heading(exercise.title)] : []),
    ...instructionNodes(exercise),
    ...taskNodes(exercise),
    { kind: 'page' },
    { kind: 'title', text: KEY + exercise.title },
    ...keyNodes(exercise.task),
  ];
}

function blockNodes(
  { block, exercise, card, text: reading }: ResolvedBlock,
  number: string,
  pictureOf: (word: string) => string | undefined,
): DocumentNode[] {
  const content = block.text ?? '';
  switch (block.kind) {
    case 'exercise':
      return exercise === undefined
        ? []
        : [
            heading(`${number}${exercise.title}`),
            ...instructionNodes(exercise),
            ...taskNodes(exercise),
          ];
    case 'heading':
      return [{ kind: 'title', text: content }];
    case 'text':
      return content.split(/\n+/).map(text);
    case 'reading':
      return reading === undefined ? [] : textDocument(reading);
    case 'words':
      return [{ kind: 'box', words: block.words ?? [] }];
    case 'rule':
      return card === undefined
        ? []
        : [
            heading(card.title),
            ...card.rules.flatMap((rule) => [
              text(rule.text),
              text(
                rule.examples
                  .map(({ word, from }) => (from === undefined ? word : `${from} → ${word}`))
                  .join(' · '),
              ),
            ]),
            ...(card.exceptions.length === 0
              ? []
              : [text(`These do not keep the rule: ${card.exceptions.join(', ')}`)]),
          ];
    case 'picture': {
      const picture = pictureOf(content.trim());
      return picture === undefined ? [] : [{ kind: 'picture', picture, name: content }];
    }
    case 'lines':
      return [{ kind: 'lines', count: block.rows ?? 4 }];
    case 'name':
      return [text(`Name ${GAP}${GAP}   Date ${GAP}`)];
    case 'can-do':
      return content
        .split('\n')
        .filter((line) => line.trim() !== '')
        .map((line) => text(`☐ I can ${line.trim().replace(/^i can\s+/i, '')}`));
    case 'qr':
      return [text(content.replace('\n', ': '))];
    case 'page':
      return [{ kind: 'page' }];
  }
}

/** A document of a teacher's own sheet. */
export function blocksDocument(
  title: string,
  blocks: readonly ResolvedBlock[],
  pictureOf: (word: string) => string | undefined,
): DocumentNode[] {
  const exercises = blocks.filter(({ exercise }) => exercise !== undefined);
  const numberOf = (each: ResolvedBlock) =>
    exercises.length > 1 && exercises.includes(each) ? `${exercises.indexOf(each) + 1}. ` : '';
  return [
    ...blocks.flatMap((each) => blockNodes(each, numberOf(each), pictureOf)),
    ...(exercises.length === 0
      ? []
      : [{ kind: 'page' } as const, { kind: 'title', text: KEY + title } as const]),
    ...exercises.flatMap((each) =>
      each.exercise === undefined
        ? []
        : [heading(`${numberOf(each)}${each.exercise.title}`), ...keyNodes(each.exercise.task)],
    ),
  ];
}
