/**
 * What a card says of a structure: its form, its use, what learners typically
 * get wrong, and for a tense its place in time (common practice; all sentences
 * were written for the weather club).
 */

export interface TimeLine {
  /** From −1 (long ago) over 0 (now) to 1 (far ahead): points, or stretches with an end. */
  readonly events: readonly {
    readonly from: number;
    readonly to?: number;
    readonly label: string;
  }[];
}

export interface GrammarRule {
  readonly form: string;
  readonly use: string;
  /** What is written wrongly, and how it should be. */
  readonly mistakes: readonly (readonly [wrong: string, right: string])[];
  readonly timeLine?: TimeLine;
  /** Examples where they cannot be built from the bank. */
  readonly examples?: readonly string[];
}

const line = (...events: TimeLine['events']): TimeLine => ({ events });

export const grammarRules: Readonly<Record<string, GrammarRule>> = {
  'present simple': {
    form: 'the verb; after he, she, it: verb + s',
    use: 'what is always so, or happens again and again',
    mistakes: [
      ['She walk to school.', 'She walks to school.'],
      ['He don’t like snow.', 'He doesn’t like snow.'],
    ],
    timeLine: line(
      { from: -0.7, label: '' },
      { from: -0.35, label: '' },
      { from: 0, label: 'again and again' },
      { from: 0.35, label: '' },
      { from: 0.7, label: '' },
    ),
  },
  'present continuous': {
    form: 'am, is or are + verb + ing',
    use: 'what is going on now',
    mistakes: [
      ['It raining.', 'It is raining.'],
      ['I am knowing it.', 'I know it.'],
    ],
    timeLine: line({ from: -0.15, to: 0.15, label: 'going on now' }),
  },
  'present perfect': {
    form: 'have or has + past participle',
    use: 'what happened before now and matters now; when is not said',
    mistakes: [
      ['I have seen it yesterday.', 'I saw it yesterday.'],
      ['She has went home.', 'She has gone home.'],
    ],
    timeLine: line({ from: -0.6, to: 0, label: 'some time up to now' }),
  },
  'present perfect continuous': {
    form: 'have or has been + verb + ing',
    use: 'what began before now and still goes on',
    mistakes: [['It is raining since noon.', 'It has been raining since noon.']],
    timeLine: line({ from: -0.6, to: 0.05, label: 'began then, still going on' }),
  },
  'past simple': {
    form: 'verb + ed, or the past form of an irregular verb',
    use: 'what is over: it happened then',
    mistakes: [
      ['We goed home.', 'We went home.'],
      ['Did you saw it?', 'Did you see it?'],
    ],
    timeLine: line({ from: -0.5, label: 'then' }),
  },
  'past continuous': {
    form: 'was or were + verb + ing',
    use: 'what was going on when something else happened',
    mistakes: [
      ['I was reading when the bell was ringing once.', 'I was reading when the bell rang.'],
    ],
    timeLine: line({ from: -0.7, to: -0.3, label: 'going on' }, { from: -0.45, label: 'then' }),
  },
  'past perfect': {
    form: 'had + past participle',
    use: 'what was over before something else in the past',
    mistakes: [
      [
        'When we came, the bus left an hour before.',
        'When we came, the bus had left an hour before.',
      ],
    ],
    timeLine: line({ from: -0.75, label: 'before' }, { from: -0.35, label: 'then' }),
  },
  'past perfect continuous': {
    form: 'had been + verb + ing',
    use: 'what had gone on until something else happened',
    mistakes: [
      [
        'It was raining for hours before it stopped.',
        'It had been raining for hours before it stopped.',
      ],
    ],
    timeLine: line({ from: -0.8, to: -0.4, label: 'had gone on' }, { from: -0.35, label: 'then' }),
  },
  'future will': {
    form: 'will + verb',
    use: 'what is to come: a forecast, a promise, a sudden plan',
    mistakes: [
      ['It will rains.', 'It will rain.'],
      ['I will to help.', 'I will help.'],
    ],
    timeLine: line({ from: 0.5, label: 'to come' }),
  },
  'future going-to': {
    form: 'am, is or are going to + verb',
    use: 'what is planned, or what you can see coming',
    mistakes: [['It going to rain.', 'It is going to rain.']],
    timeLine: line({ from: 0, label: 'the sign is there' }, { from: 0.5, label: 'to come' }),
  },
  'zero conditional': {
    form: 'if + present simple, present simple',
    use: 'what is always so',
    mistakes: [['If you will heat ice, it melts.', 'If you heat ice, it melts.']],
  },
  'first conditional': {
    form: 'if + present simple, will + verb',
    use: 'what may well happen, and what follows',
    mistakes: [['If it will rain, we stay in.', 'If it rains, we will stay in.']],
  },
  'second conditional': {
    form: 'if + past simple, would + verb',
    use: 'what is only imagined, now or later',
    mistakes: [['If I would have a boat, I sailed.', 'If I had a boat, I would sail.']],
  },
  'third conditional': {
    form: 'if + had + participle, would have + participle',
    use: 'what did not happen, and what would have followed',
    mistakes: [
      ['If it would have rained, we had stayed in.', 'If it had rained, we would have stayed in.'],
    ],
  },
  passive: {
    form: 'a form of be + past participle (+ by …)',
    use: 'what is done matters more than who does it',
    mistakes: [
      ['The gate was close by Bram.', 'The gate was closed by Bram.'],
      ['The bus was arrived.', 'The bus arrived.'],
    ],
  },
  'relative clause': {
    form: 'who, which or that + a verb, right after the noun',
    use: 'says which person or thing',
    mistakes: [['The lid which it was rusty fell.', 'The lid which was rusty fell.']],
    examples: ['The lamp that hangs in the hut is old.', 'The boy who found the lid is my friend.'],
  },
  comparative: {
    form: 'adjective + er + than; more + long adjective + than',
    use: 'sets two things side by side',
    mistakes: [
      ['more colder', 'colder'],
      ['beautifuller', 'more beautiful'],
    ],
    examples: [
      'The hill is higher than the tower.',
      'The storm was more dangerous than the frost.',
    ],
  },
  superlative: {
    form: 'the + adjective + est; the most + long adjective',
    use: 'picks one out of many',
    mistakes: [['the most coldest day', 'the coldest day']],
    examples: ['It was the coldest day of the year.', 'This is the most beautiful valley.'],
  },
  'because clause': {
    form: 'because + subject + verb',
    use: 'says why',
    mistakes: [['Because it rained.', 'We stayed in because it rained.']],
    examples: [
      'The keeper lights the lamp because it is dark.',
      'Because the bus is late, we walk.',
    ],
  },
  contraction: {
    form: 'two words in one; an apostrophe for the letters left out',
    use: 'in speech and in letters to friends',
    mistakes: [
      ['its raining', 'it’s raining'],
      ['dont', 'don’t'],
    ],
    examples: ['she is → she’s', 'do not → don’t', 'will not → won’t'],
  },
  'can and can’t': {
    form: 'can + verb; cannot or can’t + verb',
    use: 'what somebody is able or allowed to do',
    mistakes: [
      ['She can swims.', 'She can swim.'],
      ['He cans run.', 'He can run.'],
    ],
    examples: ['You can see the sea from the hill.', 'Goats can’t fly.'],
  },
  imperative: {
    form: 'the verb first; do not or don’t + verb',
    use: 'tells somebody to do something',
    mistakes: [
      ['You close the gate!', 'Close the gate!'],
      ['Not run!', 'Don’t run!'],
    ],
    examples: ['Close the gate.', 'Don’t touch the wire.'],
  },
  'modal perfect': {
    form: 'would, could, might, should, must + have + participle',
    use: 'what was possible, or a guess about what happened',
    mistakes: [['She must of left.', 'She must have left.']],
    examples: ['She must have left the key in the lock.', 'The wind could have broken the lamp.'],
  },
  'reported speech': {
    form: 'said that …, asked if …, told somebody to …; the verb goes one step back',
    use: 'to tell what somebody said, without the very words',
    mistakes: [
      ['He said me that he was cold.', 'He told me that he was cold.'],
      ['She asked where was the gate.', 'She asked where the gate was.'],
    ],
    examples: [
      '“I am cold,” said Bram. → Bram said that he was cold.',
      '“Is it open?” asked Mina. → Mina asked if it was open.',
      '“Shut the door,” Dad told us. → Dad told us to shut the door.',
    ],
  },
  'used to': {
    form: 'used to + base form; didn’t use to, did you use to',
    use: 'what was so for a long time, or happened again and again, and is no more',
    mistakes: [
      ['I use to live here.', 'I used to live here.'],
      ['She didn’t used to swim.', 'She didn’t use to swim.'],
    ],
    timeLine: line({ from: -0.9, to: -0.35, label: 'then, no more' }),
    examples: [
      'We used to live in a flat.',
      'Bram used to play the drum.',
      'I didn’t use to like soup.',
    ],
  },
  'question tag': {
    form: 'statement, auxiliary + pronoun; after yes the tag says no, after no it says yes',
    use: 'to ask whether the other thinks so too',
    mistakes: [
      ['It is cold, is it?', 'It is cold, isn’t it?'],
      ['She likes tea, isn’t she?', 'She likes tea, doesn’t she?'],
    ],
    examples: [
      'It is cold, isn’t it?',
      'You can’t swim, can you?',
      'They saw the fox, didn’t they?',
    ],
  },
  'prepositions of place and time': {
    form: 'in June, on Monday, at nine; in the box, on the mat, at the gate',
    use: 'to say where and when',
    mistakes: [
      ['We have swimming in Monday.', 'We have swimming on Monday.'],
      ['She lives at a small village.', 'She lives in a small village.'],
    ],
    examples: [
      'My birthday is in June.',
      'School begins at nine o’clock.',
      'Put your boots on the mat.',
    ],
  },
  'some and any, much and many': {
    form: 'many, few + what can be counted; much, little + what cannot; any after not and in questions',
    use: 'to say how much or how many',
    mistakes: [
      ['There isn’t some milk.', 'There isn’t any milk.'],
      ['How much eggs do you need?', 'How many eggs do you need?'],
    ],
    examples: ['There are some eggs.', 'There isn’t any milk.', 'How many legs has a spider?'],
  },
};

export const grammarRuleNames = Object.keys(grammarRules);
