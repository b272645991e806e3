/** Faults that courses for learners of English warn of, by the few words that show them (common practice). */
import type { FaultPattern } from './fault';

export const learnerPatterns: readonly FaultPattern[] = [
  {
    name: 'homophone',
    find: /\b(their|there) going to\b/i,
    rule: 'They’re is short for they are.',
    offer: ([, word = '']) => (/^T/.test(word) ? 'They’re' : 'they’re'),
    sure: false,
  },
  {
    name: 'homophone',
    find: /\b(?:have|has|had|never|ever|been) (scene)\b/i,
    rule: 'You have seen it; a scene is a part of a play.',
    offer: () => 'seen',
  },
  {
    name: 'homophone',
    find: /\b(were) (?:are|is|do|does|did)\b/i,
    rule: 'Where asks for a place; were is a form of be.',
    offer: () => 'where',
    sure: false,
  },
  {
    name: 'apostrophe',
    find: /\b(?:on|in|of|with|from|for|hurt|lost|broke|wagged|shook|opened|closed|lifted|raised|spread) (it['’]s) (?!a\b|an\b|the\b|not\b|been\b|too\b|so\b|very\b)\p{Ll}+(?=[.,!?]| (?:in|on|and|at|with|to|for)\b)/u,
    rule: 'Its says whose it is; it’s is short for it is.',
    offer: () => 'its',
    sure: false,
  },
  {
    name: 'comparison',
    find: /\b(more (?:tall|small|big|old|young|fast|slow|cold|warm|hot|long|short|high|strong|weak|rich|poor|easi|happi|heavi|funni|quick|loud|dark|light|hard|soft|cheap|clean|bett|worse|nic|lat)(?:t|g|d)?er)\b/i,
    rule: 'One sign is enough: taller, or more careful, never both.',
    offer: ([both = '']) => both.replace(/^more /i, ''),
  },
  {
    name: 'comparison',
    find: /\b(most \p{Ll}{3,}(?:[^aeiou]est))\b(?<!\b(?:forest|interest|honest|modest|request|harvest|guest|contest|protest|earnest|northwest|southwest|midwest|west|rest|test|best|nest|chest|quest|arrest|invest|digest|suggest))/iu,
    rule: 'One sign is enough: the tallest, or the most careful, never both.',
    offer: ([both = '']) => both.replace(/^most /i, ''),
    sure: false,
  },
  {
    name: 'verb form',
    find: /\b(?:i|you|he|she|it|we|they|who) (?:can|could|must|should|will|would|may|might) (to) \p{Ll}+/iu,
    rule: 'After can, must, should and will the verb stands alone, without to.',
  },
  {
    name: 'verb form',
    find: /\b(am agree|is agree|are agree|am depend|is depend|are depend|am belong|is belong|are belong|was agree|were agree)\b/i,
    rule: 'Agree, depend and belong are verbs: they need no am, is or are.',
    offer: ([, both = '']) =>
      both
        .replace(/^(?:am|are) /i, '')
        .replace(/^is (.+)/i, '$1s')
        .replace(/^(?:was|were) (.+)/i, '$1d'),
  },
  {
    name: 'verb form',
    find: /\blook(?:s|ed|ing)? forward to (see|hear|meet|visit|go|come|work|play|read|get|have|be|eat|travel)\b/i,
    rule: 'After look forward to stands the -ing form.',
    offer: ([, verb = '']) =>
      `${verb.replace(/e$/, verb === 'see' || verb === 'be' ? 'e' : '').replace(/^(get)$/, 'gett')}ing`,
  },
  {
    name: 'verb form',
    find: /\b(?:enjoys?|enjoyed|finish(?:es|ed)?|avoids?|avoided) (to) \p{Ll}+/iu,
    rule: 'After enjoy, finish and avoid stands the -ing form.',
  },
  {
    name: 'verb form',
    find: /\b(?:did(?:n['’]t)?|does(?:n['’]t)?|do(?:n['’]t)?) (?:not )?(?:(?:he|she|it|they|we|you|i) )?(went|saw|came|ate|took|gave|made|found|bought|thought|wrote|ran|knew|got|said|told|heard|left|felt|lost|won|broke|spoke|drove|began|forgot|had|was|were)\b/i,
    rule: 'After do, does and did stands the base form.',
    sure: false,
  },
  {
    name: 'verb form',
    find: /\b((?:said|says) (?:me|him|us|them))\b(?! (?:and|or)\b)/i,
    rule: 'You say something, and you tell somebody something.',
    offer: ([, both = '']) => both.replace(/^said/i, 'told').replace(/^says/i, 'tells'),
  },
  {
    name: 'word order',
    find: /\b(?:know|knows|tell me|wonder|wondered|remember|asked) (?:where|when|why|how|what time) ((?:is|are|was|were) (?:the|my|your|his|her|our|their) \p{Ll}+)\b/iu,
    rule: 'Inside another sentence the verb comes after the one who does it.',
    offer: ([, part = '']) => part.replace(/^(\S+) (.+)$/, '$2 $1'),
    sure: false,
  },
  {
    name: 'word order',
    find: /^(?:where|what|when|why|how) ((?:you|they|we|he|she|it) (?:live|lives|go|goes|come|comes|work|works|like|likes|want|wants|think|thinks|mean|means|do|does|eat|eats|play|plays|learn|learns|start|starts|stay|stays|feel|feels|spell|spells))\b[^.!]*\?$/i,
    rule: 'A question needs do, does or did: Where do you live?',
    offer: ([, both = '']) => {
      const [who = '', verb = ''] = both.split(' ');
      const one = /^(?:he|she|it)$/i.test(who);
      return `${one ? 'does' : 'do'} ${who} ${one ? verb.replace(/^goes$/, 'go').replace(/s$/, '') : verb}`;
    },
    sure: false,
  },
  {
    name: 'article',
    find: /\b(?:am|is|are|was|becomes?|became) (teacher|doctor|nurse|student|farmer|driver|cook|waiter|baker|builder|singer|actor|engineer|artist|pilot|cleaner|sailor|gardener|plumber|shopkeeper|policeman|firefighter|vet|dentist|painter|writer)\b(?! of\b)/i,
    rule: 'What somebody does for a living has a or an before it.',
    offer: ([, noun = '']) => `${/^[aeiou]/i.test(noun) ? 'an' : 'a'} ${noun}`,
  },
  {
    name: 'capital letter',
    find: /\b(spanish|english|italian|german|portuguese|russian|arabic|norway|france|spain|italy|germany|england|scotland|ireland|america|africa|europe|asia|london|paris)\b/u,
    rule: 'Countries, cities and languages begin with a capital.',
    offer: ([, word = '']) => word.charAt(0).toUpperCase() + word.slice(1),
  },
  {
    name: 'capital letter',
    find: /\b(?:in|last|next|since|until) (august|march|may)\b(?=[.,!?]| we| they| he| she| I| it)/u,
    rule: 'Days and months begin with a capital.',
    offer: ([, word = '']) => word.charAt(0).toUpperCase() + word.slice(1),
    sure: false,
  },
  {
    name: 'agreement',
    find: /\b(?:each|one|every one) of (?:the|my|our|your|his|her|their) \p{L}+ (need|live|like|want|go|know|come|play|work|look|feel|are|were|have)\b/iu,
    rule: 'Each and one of them are one: the verb is that of one.',
    sure: false,
  },
  {
    name: 'agreement',
    find: /\b(?:mathematics|physics|athletics|gymnastics|the news) (are|were|have)\b/i,
    rule: 'It ends in s and is one thing all the same: is, was, has.',
    offer: ([, verb = '']) => ({ are: 'is', were: 'was', have: 'has' })[verb.toLowerCase()] ?? '',
  },
  {
    name: 'apostrophe',
    find: /\ball (it['’]s)\b|\b((?:children|men|women|people)s['’])/i,
    rule: 'Its has no apostrophe; children, men and women take ’s.',
    offer: ([, its, many = '']) => (its ? 'its' : many.replace(/s['’]$/, '’s')),
    sure: false,
  },
  {
    name: 'apostrophe',
    find: /\b(?:two|three|four|five|six|seven|eight|nine|ten|many|several) (\p{Ll}+['’]s)\b(?! \p{Ll}*(?:time|walk|work|old|tail|name|drive|journey|rest))(?= (?:at|in|on|from|and|to|for)\b|[.,!?])/u,
    rule: 'More than one has s alone; ’s says whose it is.',
    offer: ([, word = '']) => word.replace(/['’]/, ''),
    sure: false,
  },
  {
    name: 'apostrophe',
    find: /\b(?:two|three|four|five|six|a few) ((?:days|weeks|months|years|hours|minutes)) (?:time|walk|work|rest|drive)\b/i,
    rule: 'A time that belongs to something has an apostrophe: two days’ time.',
    offer: ([, word = '']) => `${word}’`,
  },
  {
    name: 'homophone',
    find: /\b(?:in|by|into|to|from) the (see)\b(?! of\b)/i,
    rule: 'The sea is water; you see with your eyes.',
    offer: () => 'sea',
  },
  {
    name: 'homophone',
    find: /\bthe (hole) (?:class|day|week|team|school|world|family|year|time|cake|town|village|night)\b/i,
    rule: 'Whole means all of it; a hole is empty.',
    offer: () => 'whole',
  },
  {
    name: 'homophone',
    find: /\b(?:a|one|another|this|big|small|last|every) (peace) of (?!mind\b)/i,
    rule: 'A piece is a part; peace is when there is no war.',
    offer: () => 'piece',
  },
  {
    name: 'article',
    find: /\b(an? (?:advice|information|furniture|homework|luggage|equipment|news|traffic|weather|knowledge))\b(?= (?:about|on|for|to|in|from)\b|[.,!?])/i,
    rule: 'This cannot be counted: some advice, a piece of news.',
    offer: ([, both = '']) => both.replace(/^an? /i, 'some '),
  },
  {
    name: 'article',
    find: /\bplay(?:s|ed|ing)? (the) (?:chess|football|tennis|basketball|hockey|cards|golf|cricket|rugby)\b(?! (?:game|match|club|player))/i,
    rule: 'Games and sports have no article.',
  },
  {
    name: 'article',
    find: /\bworks? as (engineer|teacher|doctor|nurse|driver|cook|waiter|baker|cleaner|pilot|painter|writer)\b/i,
    rule: 'What somebody does for a living has a or an before it.',
    offer: ([, noun = '']) => `${/^[aeiou]/i.test(noun) ? 'an' : 'a'} ${noun}`,
  },
  {
    name: 'word order',
    find: /\b(?:like|likes|love|loves|enjoy|enjoys) (very much) (?!to\b|that\b|when\b|and\b|but\b)\p{L}+/iu,
    rule: 'Nothing stands between the verb and what it is about: I like grapes very much.',
    sure: false,
  },
  {
    name: 'word order',
    find: /^((?:always|never) (?:i|we|they|he|she|you))\b/i,
    rule: 'Always and never stand before the verb: we always eat.',
    sure: false,
  },
  {
    name: 'word order',
    find: /\b(?:speaks?|spoke|knows?|plays?|played) (well|badly) (?:\p{Lu}\p{Ll}+|the \p{Ll}+)/u,
    rule: 'Well and badly stand at the end: she speaks English well.',
    sure: false,
  },
  {
    name: 'word order',
    find: /\b(enough (?:warm|big|old|tall|good|strong|long|fast|early|late|hot|cold|loud|clever))\b/i,
    rule: 'Enough stands after the word that it is about: warm enough.',
    offer: ([, both = '']) => both.replace(/^enough (.+)$/i, '$1 enough'),
  },
  {
    name: 'word order',
    find: /\b(?:turn|put|take|switch|pick|throw|try|write)(?:s|ed)? ((?:off|on|up|down|out|away) (?:it|them))\b(?=[.,!?]| (?:before|after|and|now|please|when)\b)/i,
    rule: 'It and them stand between the two: turn it off.',
    offer: ([, both = '']) => both.split(' ').reverse().join(' '),
  },
];
