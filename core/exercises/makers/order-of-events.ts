import { readingMaker, shortOf } from '../making/reading-maker';
import { statementsOf } from '../../texts/reading/statements-of';
import { numbered } from '../making/usable-words';

/** Sentences that give the order away by their first word, or need the one before. */
const tells =
  /^(?:then|next|after|afterwards|finally|at last|later|first|second|third|before|meanwhile|soon|this|that|these|but|and|so)\b/i;

/** What happened again and again has no place in the order; nor has what only was so. */
const habit = /\b(?:always|never|often|usually|sometimes|every|each|used to|would)\b/i;
const pointsBack = /\b(?:he|she|it|they|him|them)\b/i;

/** What happened first? Sentences of the text in another order. */
export default readingMaker({
  id: 'order-of-events',
  name: 'Order of events',
  description: 'Things that happen, to be numbered in the order of the text.',
  interaction: 'order',
  needs: 'a text that tells what happened',
  fewest: 1,
  usual: 5,
  onScreen: 'Put the sentences in the order in which they happen in the text.',
  title: 'What happened first?',
  instruction: 'Number the sentences in the order in which they happen in the text.',
  make({ passage, random, lexicon, wanted: asked }) {
    const wanted = Math.min(8, asked);
    const told = statementsOf(passage, lexicon).filter(({ text, analysis, sentence }) => {
      const { main, tenseAspect } = analysis;
      const event =
        tenseAspect === 'past simple' &&
        main?.group.negative === false &&
        !/^(?:be|have|know|want|like|need|live)$/.test(main.group.verb.base ?? '');
      const alone = !tells.test(text) && !habit.test(text) && !pointsBack.test(text);
      return event && alone && text.split(' ').length <= 18 && sentence.speaker === undefined;
    });
    const distinct = told.filter(
      ({ text }, index) => told.findIndex((each) => each.text === text) === index,
    );
    const chosen = random
      .shuffle(distinct.map(({ text }, at) => ({ text, at })))
      .slice(0, wanted)
      .sort((left, right) => left.at - right.at)
      .map(({ text }) => text);
    let pieces = random.shuffle(chosen);
    // Never in order already.
    if (chosen.length > 1 && pieces.every((piece, index) => piece === chosen[index]))
      pieces = [...pieces.slice(1), pieces[0] ?? ''];
    const enough = chosen.length >= 3;
    return {
      notes: shortOf(chosen.length, 3, 'sentences that tell what happened'),
      task: {
        interaction: 'order',
        list: true,
        items: numbered(
          enough
            ? [
                {
                  word: chosen[0] ?? '',
                  pieces,
                  key: chosen,
                  reason: 'This is the order in which the text tells it.',
                },
              ]
            : [],
        ),
      },
    };
  },
});
