/** Forms of verbs and pronouns that stand where another belongs, by the few words that show it (common practice). */
import type { FaultPattern } from './fault';

/** Past form and participle of verbs whose two forms are told apart. */
const parts: Readonly<Record<string, string>> = {
  went: 'gone',
  saw: 'seen',
  did: 'done',
  ate: 'eaten',
  took: 'taken',
  gave: 'given',
  wrote: 'written',
  drank: 'drunk',
  broke: 'broken',
  spoke: 'spoken',
  came: 'come',
  ran: 'run',
  began: 'begun',
  forgot: 'forgotten',
  fell: 'fallen',
  drove: 'driven',
  rode: 'ridden',
  stole: 'stolen',
  threw: 'thrown',
  grew: 'grown',
  knew: 'known',
  flew: 'flown',
  wore: 'worn',
  swam: 'swum',
  sang: 'sung',
  chose: 'chosen',
  froze: 'frozen',
  hid: 'hidden',
};
const pasts = Object.keys(parts).join('|');
const pastOf = Object.fromEntries(
  Object.entries(parts).map(([past, participle]) => [participle, past]),
);
const alike = /^(?:come|run|drunk|sung|swum|begun)$/;

const plainBases =
  'go|eat|see|take|write|give|make|come|buy|speak|drive|wear|forget|sing|swim|begin|choose|know|grow|throw';

const nominative: Readonly<Record<string, string>> = {
  me: 'I',
  him: 'he',
  her: 'she',
  us: 'we',
  them: 'they',
};

export const formPatterns: readonly FaultPattern[] = [
  {
    name: 'verb form',
    find: new RegExp(
      `(?<!\\b(?:have|has|had|having|['’]ve|been|never|ever)\\b[^.!?,;]*)\\b(?:i|he|she|it|we|they) (${Object.keys(
        pastOf,
      )
        .filter((participle) => !alike.test(participle))
        .join('|')}|drunk|swum|begun)\\b`,
      'i',
    ),
    rule: 'This form needs have, has or had before it; alone stands the past form.',
    offer: ([, word = '']) => pastOf[word.toLowerCase()] ?? '',
    sure: false,
  },
  {
    name: 'verb form',
    find: new RegExp(
      `\\b(?:have|has|had|['’]ve) (?:just |already |never |ever |always |not )?(${pasts})\\b`,
      'i',
    ),
    rule: 'After have, has and had stands the past participle.',
    offer: ([, word = '']) => parts[word.toLowerCase()] ?? '',
  },
  {
    name: 'verb form',
    find: new RegExp(
      `\\b(?:i|he|she|it|we|they) (?:have|has)(?: just| already| never| not)? (${plainBases.replace('|come', '')})\\b(?! to\\b)`,
      'i',
    ),
    rule: 'After have and has stands the past participle.',
    offer: ([, word = '']) =>
      ({ go: 'gone', make: 'made', buy: 'bought', see: 'seen', do: 'done' })[word.toLowerCase()] ??
      '',
    sure: false,
  },
  {
    name: 'verb form',
    find: /\b(?:i|you|he|she|it|we|they) (?:must|can|could|should|will|would|may|might) (goes|has|does|is|comes|makes|takes|plays|eats|sees|needs|wants|likes|works|runs|gets|knows|reads|writes|sleeps|swims)\b/i,
    rule: 'After can, must, should and will stands the base form, without s.',
    offer: ([, word = '']) =>
      ({ goes: 'go', has: 'have', does: 'do', is: 'be' })[word.toLowerCase()] ??
      word.replace(/s$/, ''),
  },
  {
    name: 'verb form',
    find: /\b(?:i am|he is|she is|it is|we are|they are|you are|i['’]m|he['’]s|she['’]s|we['’]re|they['’]re|was|were) (go|eat|see|take|write|give|make|come|buy|speak|sing|swim|wait|listen|learn)\b(?! off\b)/i,
    rule: 'After am, is and are stands the -ing form: is going.',
    offer: ([, word = '']) => `${word.replace(/([^e])e$/, '$1').replace(/^(swim)$/, 'swimm')}ing`,
    sure: false,
  },
  {
    name: 'verb form',
    find: /\b(?:want|wants|wanted|like|likes|liked|love|loves|need|needs|needed|hope|hopes|hoped|decided|try|tries|tried|learn|learnt|learned) to (\p{Ll}{2,}ing)\b(?<!\b(?:bring|sing|ring|swing|string|sling|spring|cling|wring|sting|fling|king|thing|evening|morning))/iu,
    rule: 'After to stands the base form.',
    sure: false,
  },
  {
    name: 'tense',
    find: /\b(?:am|is|are|['’]m|['’]re) (\p{Ll}+ing)\b[^.!?]* since (?:\d{4}|last|monday|tuesday|wednesday|thursday|friday|saturday|sunday|january|february|march|april|may|june|july|august|september|october|november|december|yesterday|noon)\b/iu,
    rule: 'What began then and goes on now stands in the present perfect: have been living.',
    sure: false,
  },
  {
    name: 'pronoun',
    find: /(?:^|[.!?] |\b(?:and|because|but|so|that|when|if) )((?:me|him|us|them)|her(?= (?:is|was|has|went|likes?|said)\b)) (?:am|is|are|was|were|likes?|has|have|had|goes|went|wants?|lives?|plays?|runs?|said|can|will|made|took|saw)\b/i,
    rule: 'Who does it is I, he, we or they.',
    offer: ([, word = '']) => {
      const right = nominative[word.toLowerCase()] ?? '';
      return /^\p{Lu}/u.test(word) ? right.charAt(0).toUpperCase() + right.slice(1) : right;
    },
    sure: false,
  },
  {
    name: 'pronoun',
    find: /(?:^|[.!?] )(me and (?:my \p{Ll}+|\p{L}\p{Ll}+))(?= \p{Ll}+)/iu,
    rule: 'Who does it is I, and the other is named first.',
    offer: ([, both = '']) => {
      const other = both.replace(/^me and /i, '');
      return `${other.charAt(0).toUpperCase()}${other.slice(1)} and I`;
    },
    sure: false,
  },
  {
    name: 'quantity',
    find: /\b(much) (people|children|men|women|friends|animals|apples|eggs|books|birds|things|days|times|houses|cars|trees|words|questions|mistakes|problems|toys|games|cakes|biscuits)\b/i,
    rule: 'What can be counted takes many.',
    offer: () => 'many',
  },
  {
    name: 'quantity',
    find: /\b(less) (people|children|men|women|friends|animals|apples|eggs|books|birds|things|days|times|houses|cars|trees|words|questions|mistakes|problems|toys|games|cakes|biscuits)\b/i,
    rule: 'What can be counted takes fewer.',
    offer: () => 'fewer',
    sure: false,
  },
  {
    name: 'word order',
    find: /^what (means|mean) (\S[^?]*)\?$/i,
    rule: 'A question needs do, does or did: What does it mean?',
    sure: false,
  },
  {
    name: 'homophone',
    find: /^(who['’]s) \p{Ll}+ (?:is|are|was|were) (?:this|that|it|these|those|the)\b/iu,
    rule: 'Whose asks who it belongs to; who’s is short for who is.',
    offer: () => 'Whose',
  },
  {
    name: 'homophone',
    find: /\b(?:i|you|we|they) (no) (?:the|how|what|that|it|him|her|my|his|why|where|when|who|you)\b/i,
    rule: 'To know is to have it in your head; no is the opposite of yes.',
    offer: () => 'know',
  },
  {
    name: 'homophone',
    find: /\b(?:i|he|she|we|they|you) (past) (?:the|a|an|my|our|his|her|their|two|three|many|some)\b/i,
    rule: 'We passed the shop; past is a time, or a place beyond.',
    offer: () => 'passed',
    sure: false,
  },
  {
    name: 'homophone',
    find: /\b(?:ran|went|walked|drove|flew|climbed|looked|fell|came|swam|rode|crawled|jumped|shone|blew) (threw)\b/i,
    rule: 'Through is from one side to the other; threw is the past of throw.',
    offer: () => 'through',
  },
  {
    name: 'homophone',
    find: /(?:^|[.!?] )(?:i|we|they|he|she) (?:left|took|lost|found|put|ate|brought|packed|opened|closed) (are) \p{Ll}+(?: (?:in|on|at|under|and|with|to)\b|[.,!])/iu,
    rule: 'Our says that it is ours; are is a form of be.',
    offer: () => 'our',
    sure: false,
  },
  {
    name: 'homophone',
    find: /\b(?:\p{Ll}{2,}er|worse|more \p{Ll}+) (then) \p{Lu}\p{Ll}+(?=[.,!?])/u,
    rule: 'To compare, write than; then is about time.',
    offer: () => 'than',
    sure: false,
  },
  {
    name: 'homophone',
    find: /^(there) (?:dog|cat|house|name|mother|father|mum|dad|sister|brother|teacher|boat|coats?|bags?|garden|school|friends?|shoes|boots) (?:is|are|was|were|has|have)\b/i,
    rule: 'Their says whose it is; there is a place.',
    offer: ([, word = '']) => (/^T/.test(word) ? 'Their' : 'their'),
    sure: false,
  },
  {
    name: 'homophone',
    find: /(?:^|[.!?] |\b(?:and|then) )(?:I|[Hh]e|[Ss]he|[Ww]e|[Tt]hey) (through) (?:the|a|it|them|his|her|my)\b/u,
    rule: 'Threw is the past of throw; through is from one side to the other.',
    offer: () => 'threw',
    sure: false,
  },
  {
    name: 'homophone',
    find: /\b(?:wind|storm|gale|he|she|they|i|we) (blue) (?:the|my|his|her|our|their|out|off|away|it)\b/i,
    rule: 'Blew is the past of blow; blue is a colour.',
    offer: () => 'blew',
  },
  {
    name: 'word order',
    find: /\b(?:tell me|know|wonder) (?:what|who) ((?:is|are) (?:the|my|your|his|her|our|their) \p{Ll}+)[.?]$/iu,
    rule: 'Inside another sentence the verb comes after the one who does it.',
    offer: ([, part = '']) => part.replace(/^(\S+) (.+)$/, '$2 $1'),
    sure: false,
  },
  {
    name: 'verb form',
    find: /\b(?:plays?|played|sings?|sang|swims?|swam|speaks?|spoke|dances?|danced|draws?|drew|cooks?|cooked) (?:very |really |so )?(good|bad)\b(?=[.,!?]| the\b| at\b)/iu,
    rule: 'How something is done is said with well or badly.',
    offer: ([, word = '']) => (word.toLowerCase() === 'good' ? 'well' : 'badly'),
    sure: false,
  },
  {
    name: 'apostrophe',
    find: /\b((?:mens|womens|childrens|peoples)) (?:\p{Ll}+)\b/iu,
    rule: 'What belongs to men, women or children has ’s.',
    offer: ([, word = '']) => word.replace(/s$/i, '’s'),
    sure: false,
  },
  {
    name: 'comparison',
    find: /\b(more (?:old|tall|big|small|young|fast|slow|cold|warm|hot|long|short|high|strong|weak|rich|poor|cheap|dark|hard|soft|loud|quick|wide|deep|thick|thin|clean|near))\b(?= than\b)/i,
    rule: 'A short word takes -er: older than.',
    sure: false,
  },
  {
    name: 'pronoun',
    find: /\b(?:man|woman|boy|girl|people|children|teacher|friend|brother|sister|farmer|doctor) (which) (?:is|are|was|were|has|have|lives?|lived|works?|worked|came|comes|went|said|can|helps?|helped)\b/i,
    rule: 'People are who; which is for things.',
    offer: () => 'who',
  },
  {
    name: 'double negative',
    find: /\bnever ((?:don|doesn|didn|can|won|isn|aren|wasn)['’]t)\b/i,
    rule: 'Never says no already.',
    sure: false,
  },
  {
    name: 'agreement',
    find: /\b(?:where|why|how|when|what) (is) (?:you|they|we)\b/i,
    rule: 'With you, we and they stands are.',
    offer: () => 'are',
  },
  {
    name: 'apostrophe',
    find: /^(whats|wheres|whos|hows)\b/i,
    rule: 'The apostrophe stands where a letter is left out.',
    offer: ([, word = '']) => word.replace(/s$/i, '’s'),
  },
  {
    name: 'pronoun',
    find: /^((?:him|her|them|me) and \p{L}\p{Ll}+) (?:am|is|are|was|were|have|has|had|went|go|like|played|ran|saw|live|lived|came|made)\b/iu,
    rule: 'Who does it is I, he, she or they.',
    sure: false,
  },
];
