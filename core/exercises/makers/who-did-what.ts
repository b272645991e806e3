import { proofOf } from '../../texts/reading/passage';
import { simpleClause } from '../../texts/reading/simple-clause';
import { readingMaker, shortOf } from '../making/reading-maker';
import { matchTask } from '../making/match-task';

const pointsBack = /\b(?:he|she|it|they|this|that|these|those)\b/i;

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
    const found = random.shuffle(passage.sentences).flatMap((sentence) => {
      if (sentence.words > 16) return [];
      const clause = simpleClause(sentence.text, passage.names, lexicon);
      if (clause?.auxiliary !== undefined) return [];
      if (clause === undefined || pointsBack.test(clause.subject)) return [];
      const did = [clause.auxiliary, clause.verb, clause.rest].filter((part) => part).join(' ');
      const who = clause.subject.toLowerCase();
      // One line for each doer: with two, both could be joined.
      if (seen.has(who) || seen.has(did)) return [];
      seen.add(who);
      seen.add(did);
      return [{ who: clause.subject, did, sentence }];
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
