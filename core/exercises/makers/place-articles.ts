import { placeKinds } from '../../languages/en/grammar/frames/places';
import { grammarMaker } from '../making/grammar-maker';
import type { ChoiceItem } from '../interactions/choice/task';
import { numbered } from '../making/usable-words';

/** The or no article before the name of a place, with the rule. */
export default grammarMaker({
  id: 'place-articles',
  name: 'Articles with place names',
  description: 'The Nile but Lake Victoria: the or nothing before rivers, seas, countries, cities.',
  interaction: 'choice',
  sentences: 'none',
  needs: 'nothing: Wordane has the places',
  fewest: 3,
  usual: 10,
  title: 'The, or no article?',
  instruction: 'Tick what belongs in the gap. A line – means no article.',
  make({ random, wanted }) {
    // Kinds take turns, with and without the, so that neither answer can be counted on.
    const kinds = [
      random.shuffle(placeKinds.filter(({ the }) => the)),
      random.shuffle(placeKinds.filter(({ the }) => !the)),
    ] as const;
    const items: Omit<ChoiceItem, 'id'>[] = [];
    const used = new Set<string>();
    for (let turn = 0; items.length < Math.min(wanted, 24) && turn < 60; turn += 1) {
      const side = kinds[turn % 2 === 0 ? 0 : 1];
      const kind = side[Math.floor(turn / 2) % side.length];
      const name = random.shuffle(kind?.names ?? []).find((each) => !used.has(each));
      const sentence = random.shuffle(kind?.sentences ?? [])[0];
      if (kind === undefined || name === undefined || sentence === undefined) continue;
      used.add(name);
      const first = sentence.startsWith('___');
      items.push({
        word: name,
        prompt: sentence.replace('___', `______ ${name}`),
        options: numbered(
          [
            {
              text: first ? 'The' : 'the',
              right: kind.the,
              ...(kind.the
                ? {}
                : { feedback: `${name}: ${kind.rule}`, error: 'puts in the article' }),
            },
            {
              text: '–',
              right: !kind.the,
              ...(kind.the
                ? { feedback: `The ${name}: ${kind.rule}`, error: 'leaves out the article' }
                : {}),
            },
          ],
          'option',
        ),
        reason: `${kind.the ? `the ${name}` : name}: ${kind.rule}`,
      });
    }
    return {
      task: { interaction: 'choice', items: numbered(random.shuffle(items)) },
    };
  },
});
