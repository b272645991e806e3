/**
 * QTI 3.0 out: an independent player (@citolab/qti-components, GPL-3.0) takes each kind of item, and
 * gives right and wrong answers the marks that we give them.
 */
import { fileURLToPath } from 'node:url';
import { afterAll, describe, expect, test } from 'vitest';
import type { Page } from 'playwright-core';
import { interactionOf, markTask, type Task } from '../core/exercises/interactions';
import { makeExercise } from '../core/exercises/make-exercise';
import { completeText } from '../core/texts/reading-text';
import { materialOf } from '../core/texts/reading/text-material';
import { itemFile } from '../core/qti/item-parts';
import { itemsOf, rightOrders } from '../core/qti/items-of';
import { testLexicon, testMeanings } from '../core/testing/test-lexicon';
import { Desk } from './desk';

const player = fileURLToPath(
  new URL('../node_modules/@citolab/qti-components/cdn/index.global.js', import.meta.url),
);

let desk: Promise<Desk> | undefined;
async function page(): Promise<Page> {
  desk ??= Desk.open().then(async (opened) => {
    await opened.page.setContent('<!doctype html><title>A player of QTI</title><main></main>');
    await opened.page.addScriptTag({ path: player });
    return opened;
  });
  return (await desk).page;
}
afterAll(async () => (await desk)?.context.close());

type Given = Readonly<Record<string, string | readonly string[]>>;

/** The marks that the player gives an item for what is answered. */
async function marksOf(xml: string, given: Given): Promise<number> {
  const at = await page();
  return at.evaluate(
    async ([text, response]) => {
      interface Item extends HTMLElement {
        updateResponseVariable(identifier: string, value: unknown): void;
        processResponse(): boolean;
        getOutcome(identifier: string): { value: unknown };
        updateComplete: Promise<unknown>;
      }
      const main = document.querySelector('main');
      if (main === null) throw new Error('no place');
      main.replaceChildren();
      const container = document.createElement('item-container') as HTMLElement & {
        itemXML: string;
      };
      container.itemXML = text;
      const holder = document.createElement('qti-item');
      holder.append(container);
      main.append(holder);
      const found = await new Promise<Item>((resolve, reject) => {
        const until = Date.now() + 20_000;
        const look = () => {
          const item = container.shadowRoot?.querySelector<Item>('qti-assessment-item');
          if (item) resolve(item);
          else if (Date.now() > until) reject(new Error('the player shows no item'));
          else setTimeout(look, 20);
        };
        look();
      });
      await found.updateComplete;
      for (const [identifier, value] of Object.entries(response)) {
        found.updateResponseVariable(identifier, value);
      }
      found.processResponse();
      return Number(found.getOutcome('SCORE').value);
    },
    [xml, given] as const,
  );
}

/** The names by which the package calls our ids. */
const name = (id: string) => `w_${id.replace(/[^\w-]+/g, '_')}`;

/** What we call a response as the package has it: for each of its items, by its variables. */
function givenOf(task: Task, response: Record<string, unknown>): Given[] {
  switch (task.interaction) {
    case 'choice':
      return task.items.map(({ id }) => ({ RESPONSE: name(String(response[id])) }));
    case 'gap':
      return task.items.map(({ id }) =>
        Object.fromEntries(
          (response[id] as string[]).map((text, at) => [`RESPONSE_${at + 1}`, text]),
        ),
      );
    case 'match':
      return [
        {
          RESPONSE: task.pairs.map(
            ({ id, left }) => `${name(left.id)} ${name(String(response[id]))}`,
          ),
        },
      ];
    case 'sort':
      return [
        { RESPONSE: task.cards.map(({ id }) => `${name(id)} ${name(String(response[id]))}`) },
      ];
    case 'build':
      return [
        { RESPONSE: task.pieces.map(({ id }) => `${name(id)} ${name(String(response[id]))}`) },
      ];
    case 'order':
      return task.items.map((item) => {
        const [order = []] = rightOrders({
          pieces: item.pieces,
          key: response[item.id] as string[],
        });
        return { RESPONSE: order.map((at) => `P${at + 1}`) };
      });
    case 'spot':
      return [{ RESPONSE: Object.keys(response).map(name) }];
    case 'write':
      return task.items.map(({ id }) => ({ RESPONSE: String(response[id]) }));
    default:
      throw new Error(`${task.interaction} has no counterpart`);
  }
}

/** The key, with the answers of the first two items exchanged or spoilt. */
function spoilt(task: Task): Record<string, unknown> {
  const key = interactionOf(task).keyOf(task) as Record<string, unknown>;
  const [first = '', second = ''] = Object.keys(key);
  switch (task.interaction) {
    case 'choice': {
      const [item] = task.items;
      const wrong = item?.options.find(({ right }) => !right)?.id;
      return { ...key, [first]: wrong };
    }
    case 'gap':
      return { ...key, [first]: ['zzz', ...(key[first] as string[]).slice(1)] };
    case 'write':
      return { ...key, [first]: 'zzz' };
    case 'order':
      return { ...key, [first]: [...(key[first] as string[])].reverse() };
    case 'spot': {
      const { [first]: _, ...rest } = key;
      return rest;
    }
    case 'sort':
    case 'build': {
      const homes = [...new Set(Object.values(key))];
      return { ...key, [first]: homes.find((home) => home !== key[first]) };
    }
    default:
      return { ...key, [first]: key[second], [second]: key[first] };
  }
}

const shed = materialOf(
  completeText({
    id: 't',
    classId: 'c',
    title: 'The clock in the station',
    body: 'The clock in the station stopped on Monday. Mina heard nothing, and she opened the door. Nils found a small screw on the floor. He cleaned it and put it back. The clock ran again, and everybody clapped. Then Asha wrote it all into the log book.',
  }),
);
const words = ['rain', 'lake', 'storm', 'cloud', 'train', 'wave', 'gale', 'snow'];
const cases: readonly (readonly [maker: string, words: string[], more: object])[] = [
  ['choose-meaning', words, {}],
  ['missing-grapheme', words, {}],
  ['build-ing', ['hop', 'run', 'make', 'rain'], {}],
  ['match-meaning', words, {}],
  ['match-picture', words, {}],
  ['sort-by-spelling', ['rain', 'train', 'wave', 'gale', 'day', 'stay'], {}],
  ['word-map', ['storm'], {}],
  ['word-order', [], {}],
  ['unscramble', words, {}],
  ['spot-form', [], { reading: shed }],
  ['dictation', words, {}],
  ['reported-speech', [], {}],
  ['true-false-not-said', [], { reading: shed }],
  ['sentence-gaps', words, {}],
];

describe.each(cases)('%s', (maker, given, more) => {
  const { task, title, screenInstruction, language, short } = makeExercise(
    { maker, words: given, parameters: {}, seed: 3, ...more },
    testLexicon(),
    testMeanings(),
  );
  const { items } = itemsOf(task, {
    id: maker,
    title,
    instruction: screenInstruction,
    language,
  });
  const total = async (response: Record<string, unknown>) => {
    let sum = 0;
    const givens = givenOf(task, response);
    expect(givens).toHaveLength(items.length);
    for (const [index, item] of items.entries()) {
      sum += await marksOf(itemFile(item), givens[index] ?? {});
    }
    return sum;
  };

  test('right answers have all marks, in the player as with us', async () => {
    expect(short).toBeUndefined();
    const key = interactionOf(task).keyOf(task) as Record<string, unknown>;
    const ours = markTask(task, key);
    expect(items.reduce((sum, { outOf }) => sum + outOf, 0)).toBe(ours.outOf);
    expect(await total(key)).toBe(ours.score);
  });

  test('a wrong answer costs in the player what it costs with us', async () => {
    const wrong = spoilt(task);
    const ours = markTask(task, wrong);
    expect(ours.score).toBeLessThan(ours.outOf);
    expect(await total(wrong)).toBe(ours.score);
  });
});
