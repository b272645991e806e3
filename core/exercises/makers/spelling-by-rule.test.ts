import { describe, expect, test } from 'vitest';
import { packOf } from '../../languages/registry/registry';
import { keyedItems, markTask } from '../interactions';
import { makeExercise } from '../make-exercise';
import { testLexicon } from '../../testing/test-lexicon';

function make(
  maker: string,
  language: string,
  words: readonly string[],
  parameters: Readonly<Record<string, unknown>> = {},
) {
  return makeExercise(
    { maker, words, parameters: { language, shuffle: false, ...parameters }, seed: 5 },
    testLexicon(),
  );
}

const keyOf = (exercise: ReturnType<typeof make>) =>
  keyedItems(exercise.task).map(({ question, answer }) => `${question}: ${answer}`);

const notesOf = ({ notes }: ReturnType<typeof make>) => notes.map(({ text }) => text);

describe('the spellings of a sound', () => {
  // Spellings of [ɛ̃] and [k] as French and Spanish primers list them, from memory.
  test('French [ɛ̃] is found in five spellings, and an article is not read', () => {
    const words = ['le lapin', 'le pain', 'plein', 'la faim', 'simple', 'le symbole', 'le chien'];
    const exercise = make('spellings-of-a-sound', 'fr', words);
    expect(exercise.title).toBe('Letters that say [ɛ̃] as in lapin');
    expect(keyOf(exercise)).toEqual([
      'le lapin: in',
      'le pain: ain',
      'plein: ein',
      'la faim: aim',
      'simple: im',
      'le symbole: ym',
      'le chien: en',
    ]);
  });

  test('the sound that is asked for is taken; a word without it, or with two spellings, is named', () => {
    const words = ['casa', 'queso', 'kilo', 'cinco', 'quince', 'mesa', 'coche', 'química'];
    const exercise = make('spellings-of-a-sound', 'es', words, { spoken: 'k' });
    expect(keyOf(exercise)).toEqual([
      'casa: c',
      'queso: qu',
      'kilo: k',
      'cinco: c',
      'quince: qu',
      'coche: c',
    ]);
    expect(notesOf(exercise)).toEqual([
      'mesa does not have [k]. It was left out.',
      'química spells it in two ways (qu and c). It was left out.',
    ]);
  });

  test('one spelling alone is no sort, and the note says what would help', () => {
    const exercise = make('spellings-of-a-sound', 'es', ['casa', 'cama', 'coche', 'cubo'], {
      spoken: 'k',
    });
    expect(exercise.short).toMatch(/two headings/);
    expect(notesOf(exercise)).toContain(
      'Every word spells the sound with c. Add words with another spelling.',
    );
  });
});

describe('the sounds of a letter', () => {
  // Hard and soft c and g, s between vowels: the first rules of any primer.
  test.each([
    ['fr', 'c', 'sac cinéma école glace', ['k', 's', 'k', 's']],
    ['fr', 's', 'rose sel maison danse', ['z', 's', 'z', 's']],
    ['es', 'g', 'gato gente girar goma', ['ɡ', 'x', 'x', 'ɡ']],
    ['it', 'c', 'casa cena cibo cuore', ['k', 'tʃ', 'tʃ', 'k']],
    ['pt', 'r', 'rato caro rua para', ['ʁ', 'ɾ', 'ʁ', 'ɾ']],
  ])('%s: %s', (language, spelled, words, sounds) => {
    const { task } = make('sounds-of-a-letter', language, words.split(' '), { spelled });
    expect(task.interaction === 'sort' && task.cards.map(({ home }) => home)).toEqual(sounds);
  });

  test('a letter that is not heard has a heading of its own', () => {
    const exercise = make('sounds-of-a-letter', 'fr', ['lit', 'table', 'chat', 'porte'], {
      spelled: 't',
    });
    expect(keyOf(exercise)).toContain('chat: silent');
    expect(notesOf(exercise)).toEqual([]);
  });

  test('without a letter named, the consonant is taken that says two things most often', () => {
    const words = ['casa', 'cena', 'cielo', 'carta', 'mesa', 'pera'];
    expect(make('sounds-of-a-letter', 'es', words).title).toBe('What c says');
  });
});

describe('missing letters', () => {
  test('the gap is the spelling of the sound, with the meaning of the list behind the word', () => {
    const beside = { 'la pluie': { translation: 'rain' }, 'le nuage': { translation: 'cloud' } };
    const exercise = make('missing-letters', 'fr', ['la pluie', 'le nuage', 'lune', 'une rue'], {
      spoken: 'y',
      beside,
    });
    const { task } = exercise;
    const gaps = task.interaction === 'gap' ? task.items : [];
    expect(
      gaps.map(({ pieces }) =>
        pieces.map((piece) => (piece.kind === 'gap' ? '_' : piece.text)).join(''),
      ),
    ).toEqual(['l_ne', 'une r_e']);
    expect(notesOf(exercise).join(' ')).toMatch(/la pluie does not have \[y\].*no meaning beside/);
  });

  test('right letters are marked right, other letters of the same sound are not', () => {
    const beside = Object.fromEntries(
      ['bateau', 'mot', 'chaud'].map((word) => [word, { translation: `<${word}>` }]),
    );
    const { task } = make('missing-letters', 'fr', ['bateau', 'mot', 'chaud'], {
      spoken: 'o',
      beside,
    });
    const marked = (letters: string) => markTask(task, { 'item-1': [letters] }).score;
    expect([marked('eau'), marked('au'), marked('o')]).toEqual([1, 0, 0]);
    expect(task.interaction === 'gap' && task.bank).toEqual(['au', 'eau', 'o']);
  });
});

describe('letters that are not heard', () => {
  test.each([
    ['fr', 'petit grand trop heure', ['t', 'd', 'p', 'h e']],
    ['es', 'hora hijo ahora hotel', ['h', 'h', 'h', 'h']],
    ['pt', 'hoje homem hotel humor', ['h', 'h', 'h', 'h']],
  ])('%s: %s', (language, words, silent) => {
    const { task } = make('silent-letters', language, words.split(' '));
    const found = task.interaction === 'spot' ? task.items : [];
    expect(found.map(({ find }) => [...find].join(' '))).toEqual(silent);
    const text = task.interaction === 'spot' ? task.text : '';
    for (const { find, place } of found) {
      expect(place.map((at) => text[at]).join('')).toBe(find);
    }
  });

  test('a word whose letters are all heard is named', () => {
    const words = ['petit', 'grand', 'trop', 'froid', 'sac'];
    expect(notesOf(make('silent-letters', 'fr', words))).toEqual([
      'Every letter of sac is heard. It was left out.',
    ]);
  });
});

test('words are cut in writing, with any sign between the syllables', () => {
  const { task, notes } = make('written-syllables', 'it', [
    'la finestra',
    'gatto',
    'acqua',
    'tre',
    'buon giorno',
  ]);
  expect(keyedItems(task).map(({ answer }) => answer)).toEqual(['fi·ne·stra', 'gat·to', 'ac·qua']);
  expect(markTask(task, { 'item-2': 'gat-to' }).score).toBe(1);
  expect(markTask(task, { 'item-2': 'ga-tto' }).score).toBe(0);
  expect(notes.map(({ text }) => text)).toEqual([
    'tre has one syllable. It was left out.',
    'buon giorno is more than one word. It was left out.',
  ]);
});

test('words are sorted by their stress, the last syllable first', () => {
  const { task } = make('stressed-syllable', 'es', [
    'el reloj',
    'la mesa',
    'música',
    'sol',
    'café',
  ]);
  expect(task.interaction === 'sort' && task.headings.map(({ label }) => label)).toEqual([
    'aguda',
    'llana',
    'esdrújula',
  ]);
  expect(keyedItems(task)).toHaveLength(4);
});

test('a language whose spelling is not read by rule is told who has it', () => {
  expect(make('silent-letters', 'ru', ['дом', 'сад', 'лес', 'час']).short).toBe(
    'Letters that are not heard is made for French, Italian, Portuguese and Spanish so far. Choose a matching exercise, cards or handwriting instead.',
  );
});

describe('the sounds that can be asked for', () => {
  test.each(['fr', 'es', 'it', 'pt'])(
    '%s: each is heard in the word it is known by',
    (language) => {
      const { spelling } = packOf(language);
      for (const { sound, keyword } of spelling?.taught ?? []) {
        const said = spelling?.letters(keyword)?.map((unit) => unit.sound);
        expect(said, keyword).toContain(sound);
      }
    },
  );
});
