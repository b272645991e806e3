import type { TaggedToken } from '../../languages/en/grammar/tagging/tag-sentence';
import { isNotCounted } from '../making/not-counted';
import { proofOf } from '../../texts/reading/passage';
import { statementsOf } from '../../texts/reading/statements-of';
import { readingMaker, shortOf } from '../making/reading-maker';
import { matchTask } from '../making/match-task';

const pointsBack = /\b(?:he|she|it|they|him|them|this|that|these|those|such)\b/i;
/** Its only well: whose? */
const owned = /^(?:his|her|its|their|our|my|your)\b/i;

/**
 * A doer as it stands on the left: a countable noun alone is somebody's name (Wren woke up), and
 * what has a number is called so (Class 4).
 */
function asDoer(said: string, tokens: readonly TaggedToken[]): string {
  const [first, second] = tokens;
  if (first?.tag !== 'noun' || !/^\p{Lu}/u.test(first.text)) return said;
  const named = tokens.length === 1 ? !isNotCounted(first.lower) : second?.tag === 'number';
  return named ? first.text + said.slice(first.text.length) : said;
}

/** Who did what: the doers of a text to be joined to what they did. */
export default readingMaker({
  id: 'who-did-what',
  name: 'Who did what?',
  description: 'The people and things of the text on the left, what they did on the right.',
  interaction: 'match',
  needs: 'a text in which several people or things do something',
  fewest: 3,
  workedByDefault: true,
  usual: 6,
  title: 'Who did what?',
  instruction: 'Join each to what they did in the text.',
  make({ passage, random, lexicon, wanted: asked }) {
    const wanted = Math.min(8, asked);
    const seen = new Set<string>();
    const found = random
      .shuffle(statementsOf(passage, lexicon))
      .flatMap(({ text, analysis, parts, subject, sentence }) => {
        const last = parts.subject[parts.subject.length - 1];
        const { main } = analysis;
        if (main === undefined || last === undefined || main.group.verb.base === 'be') return [];
        if (text.split(' ').length > 16 || main.group.negative) return [];
        // What is done begins after the subject; what stood in front of it is left out.
        const did = text
          .slice(last.end)
          .replace(/[.!]+$/, '')
          .trim();
        // Daniel Okoro is Daniel.
        const who = (
          /^\p{Lu}/u.test(subject.text) ? (subject.text.split(' ')[0] ?? '') : subject.text
        ).toLowerCase();
        // One line for each doer: with two, both could be joined.
        // The old woman and the woman may be one: a noun stands on the left once.
        const head = who.split(' ').at(-1) ?? who;
        if (owned.test(subject.text) || pointsBack.test(subject.text)) return [];
        if (pointsBack.test(did) || did === '' || seen.has(head) || seen.has(did)) return [];
        if (/^no\b/i.test(subject.text)) return [];
        seen.add(head);
        seen.add(did);
        return [{ who: asDoer(subject.text, parts.subject), did, sentence }];
      });
    const chosen = found.slice(0, wanted);
    return {
      notes: shortOf(chosen.length, 3, 'people and things that do something'),
      task: matchTask(
        chosen.map(({ who, did, sentence }) => ({
          word: who,
          left: who,
          right: { text: did },
          reason: proofOf(sentence),
        })),
        random,
      ),
    };
  },
});
