/**
 * The words whose classes can be listed: determiners, pronouns, prepositions,
 * conjunctions, auxiliaries and the adverbs that are no -ly form. Each word has
 * its readings, the likeliest first, a later one with its extra cost. The lists
 * are those of school grammars (common practice; Quirk et al. 1985, chapters 4
 * to 10, from memory).
 */
import type { Tag, WordReading } from './tag';

const words = new Map<string, WordReading[]>();

function add(tag: Tag, list: string, cost = 0, more: Partial<WordReading> = {}): void {
  for (const word of list.trim().split(/\s+/)) {
    const text = word.replaceAll('_', ' ');
    words.set(text, [...(words.get(text) ?? []), { tag, cost, ...more }]);
  }
}

add('determiner', 'the a an every');
add('determiner', 'this that', 0, { plural: false });
add('determiner', 'these those', 0, { plural: true });
add('determiner', 'each another either neither', 0, { plural: false });
add(
  'determiner',
  'some any no all both half many few several most much enough such more less fewer',
);
add('determiner', 'what which whose whatever whichever', 0.4, { asks: true });
add('determiner', 'my your his her its our their');
add('pronoun-subject', 'he she', 0, { plural: false });
add('pronoun-subject', 'i we they', 0, { plural: true });
add('pronoun', 'it', 0, { plural: false });
add('pronoun', 'you', 0, { plural: true });
add('pronoun-object', 'me him us them');
add('pronoun-object', 'her', 0.3);
add('pronoun', 'mine yours hers ours theirs');
add('pronoun', 'his', 0.9);
add('pronoun', 'myself yourself himself herself itself ourselves yourselves themselves oneself');
add(
  'pronoun',
  'someone somebody something anyone anybody anything everyone everybody everything nobody nothing none',
  0,
  { plural: false },
);
add('pronoun', 'this that each another either neither much', 0.3, { plural: false });
add('pronoun', 'these those both many few several others', 0.3, { plural: true });
add('pronoun', 'some any all most enough more less half', 0.6);
add('pronoun', 'one', 0.5, { plural: false });
add('question', 'who whom what which whoever whatever');
add('determiner', 'whose');
add('question', 'where when why how');
add('relative', 'who which whom that whose', 0.1);
add('relative', 'where when', 0.9);
add('that', 'that', 0.2);
add('subordinator', 'if because unless although though whereas whether lest provided');
add('subordinator', 'when while until till since as once wherever whenever whilst', 0.1);
add('subordinator', 'after before than', 0.2);
add('subordinator', 'so', 0.8);
add('subordinator', 'like', 2.5);
add(
  'preposition',
  `of in on at by for with from into onto about against between among through during without within under
   over across behind beside besides beyond near inside outside along around above below beneath towards toward
   upon off past up down throughout despite except until till since after before as than like unlike round
   amid amongst atop underneath opposite via per plus minus to out`,
);
add('to', 'to', 0.1);
add('particle', 'up down out off away back on in over around about along through round by', 0.3);
add(
  'adverb',
  'above below near behind nearby past across underneath before after since in on around along about over round through down up off under',
  0.9,
);
add('particle', 'together apart forward forwards ahead aside', 0);
add('and', 'and or but nor yet &');
add('adverb', 'yet', 0.2);
add('and', 'so', 0.3);
add('adverb', 'so', 0.2);
add('and', 'for', 3);
add('not', "not n't");
add('there', 'there', 0.1);
add('adverb', 'there', 0);
add('modal', "can could will would shall should may might must 'll wo ca sha");
add('modal', 'ought', 0);
add('modal', 'need dare', 1.6);
add('be', 'am are', 0, { base: 'be', form: 'present', plural: true });
add('be', 'is', 0, { base: 'be', form: 'present', plural: false });
add('be', 'was', 0, { base: 'be', form: 'past', plural: false });
add('be', 'were', 0, { base: 'be', form: 'past', plural: true });
add('be', 'be', 0, { base: 'be', form: 'base' });
add('be', 'been', 0, { base: 'be', form: 'participle' });
add('be', 'being', 0, { base: 'be', form: 'ing' });
add('have', 'has', 0, { base: 'have', form: 'present', plural: false });
add('have', 'have', 0, { base: 'have', form: 'present', plural: true });
add('have', 'have', 0, { base: 'have', form: 'base' });
add('have', 'had', 0, { base: 'have', form: 'past' });
add('have', 'had', 0.1, { base: 'have', form: 'participle' });
add('have', 'having', 0, { base: 'have', form: 'ing' });
add('do', 'does', 0, { base: 'do', form: 'present', plural: false });
add('do', 'do', 0, { base: 'do', form: 'present', plural: true });
add('do', 'do', 0, { base: 'do', form: 'base' });
add('do', 'did', 0, { base: 'do', form: 'past' });
add('do', 'done', 0, { base: 'do', form: 'participle' });
add('do', 'doing', 0, { base: 'do', form: 'ing' });
add(
  'number',
  `zero two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen
  sixteen seventeen eighteen nineteen twenty thirty forty fifty sixty seventy eighty ninety hundred thousand
  million dozen`,
);
add('number', 'one', 0);
add(
  'adjective',
  'first second third fourth fifth sixth seventh eighth ninth tenth last next same own other only',
);
add('noun', 'second third', 1);
add('adverb', 'first next last only', 0.3);
add('noun', 'rest lot couple', 0);
add(
  'adverb',
  `always never often sometimes usually seldom rarely ever again soon now then today tonight tomorrow yesterday
   here everywhere somewhere nowhere anywhere very too quite rather almost nearly just still already also even
   perhaps maybe indeed however therefore meanwhile instead otherwise else away ago once twice thus hence
   really well together apart forever anyway besides moreover furthermore nevertheless nonetheless
   somehow upstairs downstairs outdoors indoors abroad overhead uphill downhill sideways upwards downwards
   backwards forwards straight alone afterwards beforehand least most more less much enough
   hardly scarcely barely merely simply likewise altogether`,
  0,
);
add('noun', 'today tomorrow yesterday tonight', 0.6);
add('adverb', 'far long', 0.3);
add(
  'adverb',
  'fast hard early late high low deep wide loud near clear straight daily weekly monthly',
  0.5,
);
add('adverb', 'right close', 1.3);
add(
  'adjective',
  'fast hard early late high low deep close right wide loud near clear straight daily weekly monthly far long',
  0.1,
);
add(
  'adjective',
  'well alone ill enough ready able glad sure sorry afraid asleep awake alive aware',
  0.2,
);
add('adverb', 'no better worse best worst', 0.9);
add('interjection', 'no', 0.9);
add('adjective', 'better worse best worst', 0.1);
add('adverb', 'all both each', 1);
add(
  'interjection',
  'oh ah yes hello hi hey ouch wow hurrah hooray alas goodbye bye thanks please well okay ok',
  0.3,
);
add('noun', 'back right well home way past', 0.5);
add('noun', 'inside outside', 1.6);
add('adverb', 'inside outside', 0.3);
add(
  'adverb',
  'earlier later harder faster longer higher lower nearer closer sooner further farther deeper slower louder quicker',
  0.1,
);
add(
  'adjective',
  'earlier later harder faster longer higher lower nearer closer further farther deeper slower louder quicker',
  0.2,
);
add('adverb', 'back home', 0.3);
add('adjective', 'inside outside past back home', 1.2);

add('base', 'like', 0.2, { base: 'like' });
add('present', 'like', 0.3, { base: 'like', plural: true });

/** Closed-class words that are also a verb, a noun or a name in everyday use: the word bank is asked too. */
export const alsoOpen = new Set(
  `well right close last second third like back hard long need dare can will may past light open round
   near better best clear straight own down up right rest lot couple fast early late high low deep wide loud daily
   alone enough still even just second last ill sound half pretty sure ready once provided plus minus
   present`.split(/\s+/),
);

/** The readings of a closed-class word in lower case; empty for any other. */
export const closedReadings = (word: string): readonly WordReading[] => words.get(word) ?? [];
