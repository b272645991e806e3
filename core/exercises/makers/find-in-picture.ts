import { noPicture, pictureFor, picturesFor } from '../making/picture-of';
import { numbered, usableWords } from '../making/usable-words';
import type { Maker, MakerInput } from '../making/maker';
import { sceneOf } from '../interactions/point/scene-layout';

const MOST = 10;
/** Things in the picture that are not asked for. */
const OTHERS = 3;

/** The words with a picture of their own, and those pictures; no two words share one. */
export function pictured(input: Pick<MakerInput, 'words' | 'lexicon' | 'profile' | 'parameters'>) {
  const { words } = input;
  const taken = new Set<string>();
  return usableWords(words, ({ word, entry }) => {
    const all = picturesFor(entry.word, input, word);
    // A picture that another word of the material names too would be right twice.
    const picture = all.find((each) => !taken.has(each));
    if (picture === undefined) {
      return all.length === 0
        ? noPicture(entry.word, input, word)
        : 'has the same picture as another word';
    }
    taken.add(picture);
    return { picture };
  });
}

/** Pictures beside those that are asked for: nothing that a word of the material could name as well. */
function otherPictures(input: MakerInput, shown: readonly string[]) {
  const { words, random, lexicon } = input;
  const names = new Set(words.map(({ word }) => word.toLowerCase()));
  const taken = new Set(shown);
  const others: string[] = [];
  for (const word of random.shuffle([...lexicon.pictured])) {
    if (others.length === OTHERS) break;
    const picture = pictureFor(word, input);
    if (picture === undefined || taken.has(picture)) continue;
    if (lexicon.wordsOfPicture(picture).some((name) => names.has(name))) continue;
    taken.add(picture);
    others.push(picture);
  }
  return others;
}

/** A picture of many things: the ones that are named are ringed. */
const maker: Maker = {
  id: 'find-in-picture',
  name: 'Find it in the picture',
  group: 'Vocabulary',
  description: 'A picture of many things and a list of words: each is read, found and ringed.',
  interaction: 'point',
  onScreen: 'Read each word. Find it in the picture.',
  fewestWords: 3,
  needs: 'words that have a picture',
  asks: ['words'],
  workedByDefault: false,

  make(input) {
    const { parameters, random } = input;
    const { used, notes } = pictured(input);
    const chosen = (parameters.shuffle === false ? used : random.shuffle(used)).slice(0, MOST);
    const others = otherPictures(
      input,
      chosen.map(({ found }) => found.picture),
    );
    const pictures = random.shuffle([...chosen.map(({ found }) => found.picture), ...others]);
    const scene = sceneOf(pictures, random);
    return {
      title: parameters.title ?? 'Can you find it?',
      instruction: parameters.instruction ?? 'Read each word. Find it in the picture and ring it.',
      worked: parameters.worked ?? maker.workedByDefault,
      task: {
        interaction: 'point',
        scene,
        answer: 'ring',
        bank: [],
        items: numbered(
          chosen.map(({ word: { word }, found: { picture } }) => ({
            word,
            thing: scene.things.find((thing) => thing.picture === picture)?.id ?? '',
            reason: `${word} is there: look again.`,
          })),
        ),
      },
      notes,
    };
  },

  replacements: () => [{ pictured: true }],
  suggestions: () => [{ pictured: true }],
};

export default maker;
