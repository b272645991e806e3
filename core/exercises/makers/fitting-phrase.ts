import { grammarMaker } from '../making/grammar-maker';
import { numbered } from '../making/usable-words';

/** Situations with what fits, and what does not with the reason (written for the weather club). */
const situations: readonly {
  readonly situation: string;
  readonly right: string;
  readonly wrong: readonly (readonly [string, string])[];
  readonly why: string;
}[] = [
  {
    situation: 'You want to borrow Asha’s pencil.',
    right: 'May I borrow your pencil?',
    wrong: [
      ['Give me your pencil!', 'A command is rude here.'],
      ['You may borrow my pencil.', 'That offers yours.'],
    ],
    why: 'Asking for leave: May I …?',
  },
  {
    situation: 'You step on Bram’s foot.',
    right: 'I’m so sorry!',
    wrong: [
      ['You’re welcome.', 'That answers thank you.'],
      ['Never mind.', 'That is for Bram to say.'],
    ],
    why: 'Saying sorry: I’m so sorry.',
  },
  {
    situation: 'Mina thanks you for your help.',
    right: 'You’re welcome.',
    wrong: [
      ['Yes, please.', 'That takes an offer.'],
      ['I’m afraid not.', 'That says no.'],
    ],
    why: 'Answering thanks: You’re welcome.',
  },
  {
    situation: 'Tomas offers you soup, and you are hungry.',
    right: 'Yes, please.',
    wrong: [
      ['No, thank you.', 'That says no.'],
      ['Here you are.', 'That is for Tomas to say.'],
    ],
    why: 'Taking an offer: Yes, please.',
  },
  {
    situation: 'Somebody offers you tea, and you do not want it.',
    right: 'No, thank you.',
    wrong: [
      ['No, you aren’t.', 'That says that something is not so.'],
      ['Yes, please.', 'That takes it.'],
    ],
    why: 'Saying no politely: No, thank you.',
  },
  {
    situation: 'You did not hear what the keeper said.',
    right: 'Sorry, could you say that again?',
    wrong: [
      ['What do you want?', 'That sounds angry.'],
      ['I heard you.', 'That is not so.'],
    ],
    why: 'Asking again: Could you say that again?',
  },
  {
    situation: 'It is raining and a visitor has no coat.',
    right: 'Would you like my umbrella?',
    wrong: [
      ['Do you like umbrellas?', 'That asks what she is fond of.'],
      ['I would like an umbrella.', 'That asks for one.'],
    ],
    why: 'Offering: Would you like …?',
  },
  {
    situation: 'You do not know the way to the station.',
    right: 'Excuse me, how do I get to the station?',
    wrong: [
      ['Where do you go?', 'That asks about somebody else.'],
      ['Tell me the station.', 'That is no question, and rude.'],
    ],
    why: 'Asking the way: Excuse me, how do I get to …?',
  },
  {
    situation: 'Lina has won the drawing prize.',
    right: 'Well done!',
    wrong: [
      ['Good luck!', 'That is for before.'],
      ['Get well soon!', 'That is for somebody who is ill.'],
    ],
    why: 'Praising: Well done!',
  },
  {
    situation: 'Zeb has a test tomorrow.',
    right: 'Good luck!',
    wrong: [
      ['Well done!', 'That is for after.'],
      ['What a pity!', 'Nothing bad has happened.'],
    ],
    why: 'Wishing well: Good luck!',
  },
  {
    situation: 'The picnic is off because of the storm.',
    right: 'What a pity!',
    wrong: [
      ['Congratulations!', 'That is for good news.'],
      ['You’re welcome.', 'That answers thanks.'],
    ],
    why: 'Being sorry for something: What a pity!',
  },
  {
    situation: 'You want the club to go for a walk together.',
    right: 'Let’s go for a walk!',
    wrong: [
      ['You went for a walk.', 'That tells what is over.'],
      ['Must we walk?', 'That asks whether it is needed.'],
    ],
    why: 'Suggesting: Let’s …',
  },
  {
    situation: 'A friend says that it will snow, and you think so too.',
    right: 'I think so too.',
    wrong: [
      ['So do I snow.', 'That says that you snow.'],
      ['I don’t think so.', 'That says the opposite.'],
    ],
    why: 'Agreeing: I think so too.',
  },
  {
    situation: 'You answer the telephone of the weather station.',
    right: 'Hello, Fernhill weather station.',
    wrong: [
      ['Who are you?', 'That is rude on the telephone.'],
      ['I am the telephone.', 'Say where you are.'],
    ],
    why: 'Answering a call: say where it rings.',
  },
];

/** What to say: a situation, and three phrases of which one fits. */
export default grammarMaker({
  id: 'fitting-phrase',
  name: 'What do you say?',
  description: 'A situation and three phrases: one fits, the others would surprise.',
  interaction: 'choice',
  sentences: 'none',
  needs: 'nothing: Wordane has the situations',
  fewest: 3,
  usual: 8,
  title: 'What do you say?',
  instruction: 'Read what happens. Tick what you say.',
  make({ random, wanted }) {
    return {
      task: {
        interaction: 'choice',
        items: numbered(
          random
            .shuffle(situations)
            .slice(0, wanted)
            .map(({ situation, right, wrong, why }) => ({
              word: right,
              prompt: situation,
              options: numbered(
                random.shuffle([
                  { text: right, right: true },
                  ...wrong.map(([text, feedback]) => ({ text, right: false, feedback })),
                ]),
                'option',
              ),
              reason: why,
            })),
        ),
      },
    };
  },
});
