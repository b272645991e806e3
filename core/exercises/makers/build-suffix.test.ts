/**
 * Words of the English programme of study (national curriculum in England, English Appendix 1:
 * Spelling, 2013; Open Government Licence), by the heading of the appendix that they stand under.
 * The forms are those of the appendix or of a dictionary (from memory).
 */
import { describe, expect, test } from 'vitest';
import { keyOf, reasonsOf } from '../../testing/key-of';

/** hope hoping, run running: every base with its form. */
const pairs = (text: string): Record<string, string> =>
  Object.fromEntries(
    text
      .trim()
      .split(/\s*,\s*/)
      .map((pair) => pair.split(' ') as [string, string]),
  );

describe('endings added to a word, by the appendix’ headings', () => {
  test.each([
    [
      'Year 1: -ed where the root is not changed',
      'ed',
      'hunt hunted, jump jumped, rain rained, storm stormed, land landed, melt melted, rest rested',
    ],
    [
      'Year 1: -er where the root is not changed',
      'er-agent',
      'hunt hunter, buzz buzzer, jump jumper, teach teacher, paint painter, garden gardener, help helper',
    ],
    [
      'Year 1: -er and -est of adjectives: -er',
      'er',
      'grand grander, fresh fresher, quick quicker, cold colder, tall taller, warm warmer, dark darker',
    ],
    [
      'Year 1: -er and -est of adjectives: -est',
      'est',
      'grand grandest, fresh freshest, quick quickest, cold coldest, deep deepest, clean cleanest',
    ],
    [
      'Year 2: -es to a word that ends in y',
      's',
      'fly flies, try tries, reply replies, copy copies, baby babies, carry carries, puppy puppies',
    ],
    [
      'Year 2: -ed to a word that ends in y',
      'ed',
      'copy copied, reply replied, cry cried, try tried, dry dried, hurry hurried, marry married',
    ],
    [
      'Year 2: -er to a word that ends in y',
      'er',
      'happy happier, dry drier, funny funnier, early earlier, heavy heavier, muddy muddier',
    ],
    [
      'Year 2: -est to a word that ends in y',
      'est',
      'happy happiest, dry driest, funny funniest, easy easiest, windy windiest, sunny sunniest',
    ],
    [
      'Year 2: -ed after a consonant and e',
      'ed',
      'hike hiked, hope hoped, bake baked, close closed, dance danced, smile smiled, use used',
    ],
    [
      'Year 2: -er after a consonant and e',
      'er',
      'nice nicer, wide wider, late later, safe safer, large larger, brave braver, simple simpler',
    ],
    [
      'Year 2: -y after a consonant and e',
      'y-adj',
      'shine shiny, bone bony, smoke smoky, noise noisy, stone stony, ice icy, spike spiky',
    ],
    [
      'Year 2: -ed after one vowel letter and one consonant',
      'ed',
      'pat patted, hum hummed, drop dropped, stop stopped, plan planned, clap clapped, beg begged',
    ],
    [
      'Year 2: -er after one vowel letter and one consonant',
      'er',
      'sad sadder, big bigger, hot hotter, wet wetter, thin thinner, flat flatter, red redder',
    ],
    [
      'Year 2: -est after one vowel letter and one consonant',
      'est',
      'sad saddest, fat fattest, big biggest, hot hottest, slim slimmest, dim dimmest',
    ],
    [
      'Year 2: -y after one vowel letter and one consonant',
      'y-adj',
      'run runny, fun funny, mud muddy, sun sunny, fog foggy, fur furry, star starry',
    ],
    [
      'Year 2: the suffix -ment',
      'ment',
      'enjoy enjoyment, move movement, pay payment, treat treatment, agree agreement, amaze amazement',
    ],
    [
      'Year 2: the suffix -ness',
      'ness',
      'sad sadness, happy happiness, dark darkness, ill illness, lazy laziness, kind kindness, tidy tidiness',
    ],
    [
      'Year 2: the suffix -ful',
      'ful',
      'care careful, play playful, hope hopeful, beauty beautiful, pain painful, plenty plentiful, use useful',
    ],
    [
      'Year 2: the suffix -less',
      'less',
      'hope hopeless, care careless, home homeless, penny penniless, end endless, cloud cloudless, mercy merciless',
    ],
    [
      'Year 2: the suffix -ly',
      'ly',
      'bad badly, sad sadly, quick quickly, slow slowly, safe safely, nice nicely, loud loudly',
    ],
    [
      'Years 3 and 4: -ly after y',
      'ly',
      'happy happily, angry angrily, easy easily, lucky luckily, busy busily, noisy noisily',
    ],
    [
      'Years 3 and 4: -ly after -le',
      'ly',
      'gentle gently, simple simply, humble humbly, noble nobly, terrible terribly, possible possibly',
    ],
    [
      'Years 3 and 4: -ly after -ic',
      'ly',
      'basic basically, frantic frantically, dramatic dramatically, automatic automatically',
    ],
    [
      'Years 3 and 4: vowel letters at the end, more than one syllable',
      'er-agent',
      'garden gardener, begin beginner, report reporter, listen listener, wander wanderer',
    ],
  ])('%s', (_, suffix, text) => {
    const wanted = pairs(text);
    expect(keyOf('build-suffix', Object.keys(wanted), { suffix })).toEqual(wanted);
  });
});

// Carney, A Survey of English Spelling (1994), on doubling and stress; from memory.
describe('-ing and -ed where the last syllable is stressed, and where it is not', () => {
  const stressed = pairs(
    'begin beginning, forget forgetting, prefer preferring, occur occurring, admit admitting, regret regretting, control controlling',
  );
  const unstressed = pairs(
    'garden gardening, limit limiting, open opening, offer offering, listen listening, visit visiting, happen happening, answer answering',
  );

  test('doubled after a stressed syllable', () => {
    expect(keyOf('build-ing', Object.keys(stressed))).toEqual(stressed);
    for (const reason of Object.values(reasonsOf('build-ing', Object.keys(stressed))))
      expect(reason).toMatch(/double the \w\.$/);
  });

  test('not doubled after an unstressed one, and the stress is what the reason says', () => {
    expect(keyOf('build-ing', Object.keys(unstressed))).toEqual(unstressed);
    for (const [word, reason] of Object.entries(reasonsOf('build-ing', Object.keys(unstressed))))
      expect([word, reason]).toEqual([word, expect.stringContaining('not stressed')]);
  });
});

describe('-ing', () => {
  test.each([
    [
      'just add',
      'rain raining, jump jumping, melt melting, cook cooking, need needing, sleep sleeping',
    ],
    [
      'drop the e',
      'hope hoping, make making, write writing, dance dancing, leave leaving, argue arguing',
    ],
    ['double', 'run running, swim swimming, stop stopping, chat chatting, dig digging'],
    [
      'keep the y',
      'play playing, enjoy enjoying, carry carrying, study studying, buy buying, copy copying',
    ],
    ['ie becomes y', 'lie lying, tie tying, die dying'],
    ['keep the e', 'see seeing, agree agreeing, flee fleeing, dye dyeing, tiptoe tiptoeing'],
    [
      'w and x are never doubled',
      'snow snowing, fix fixing, blow blowing, mix mixing, draw drawing',
    ],
    ['c takes k', 'panic panicking, mimic mimicking'],
  ])('%s', (_, text) => {
    const wanted = pairs(text);
    expect(keyOf('build-ing', Object.keys(wanted))).toEqual(wanted);
  });
});

describe('the plural', () => {
  test.each([
    ['-s', 'cat cats, book books, road roads, storm storms, tree trees, day days, monkey monkeys'],
    [
      '-es after s, x, z, ch, sh',
      'box boxes, wish wishes, match matches, bus buses, dress dresses, fox foxes',
    ],
    [
      'f to v',
      'leaf leaves, shelf shelves, knife knives, wolf wolves, half halves, loaf loaves, calf calves',
    ],
    ['f that stays', 'roof roofs, chief chiefs, cliff cliffs, belief beliefs'],
    ['-oes', 'potato potatoes, tomato tomatoes, hero heroes, echo echoes'],
    ['-os', 'piano pianos, photo photos, radio radios, kangaroo kangaroos, video videos'],
    [
      'of their own',
      'child children, foot feet, tooth teeth, goose geese, mouse mice, man men, ox oxen',
    ],
    ['the same', 'sheep sheep, deer deer, salmon salmon'],
    ['from Latin and Greek', 'crisis crises, analysis analyses, cactus cacti'],
  ])('%s', (_, text) => {
    const wanted = pairs(text);
    expect(keyOf('build-suffix', Object.keys(wanted), { suffix: 's' })).toEqual(wanted);
  });
});
