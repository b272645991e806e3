/**
 * Words that American classes have for what British sentences name otherwise: things of school and
 * home with one counterpart each, of which neither needs another article (from memory). Words with
 * several senses (lift, flat, tap, rubber, term) are left as they are.
 */
const nouns: readonly (readonly [string, string])[] = [
  ['mum', 'mom'],
  ['mums', 'moms'],
  ['mummy', 'mommy'],
  ['maths', 'math'],
  ['jumper', 'sweater'],
  ['jumpers', 'sweaters'],
  ['trousers', 'pants'],
  ['lorry', 'truck'],
  ['lorries', 'trucks'],
  ['torch', 'flashlight'],
  ['torches', 'flashlights'],
  ['torchlight', 'flashlight beam'],
  ['biscuit', 'cookie'],
  ['biscuits', 'cookies'],
  ['pavement', 'sidewalk'],
  ['pavements', 'sidewalks'],
  ['rubbish', 'trash'],
  ['queue', 'line'],
  ['queues', 'lines'],
  ['petrol', 'gas'],
  ['cooker', 'stove'],
  ['wellies', 'rain boots'],
  ['wellingtons', 'rain boots'],
  ['postman', 'mail carrier'],
  ['aeroplane', 'airplane'],
  ['aeroplanes', 'airplanes'],
  ['timetable', 'schedule'],
  ['motorway', 'highway'],
  ['car park', 'parking lot'],
  ['full stop', 'period'],
  ['full stops', 'periods'],
  ['exclamation mark', 'exclamation point'],
  ['exclamation marks', 'exclamation points'],
];

const phrases: readonly (readonly [RegExp, string])[] = [
  [/\bat the weekend\b/g, 'on the weekend'],
  [/\bAt the weekend\b/g, 'On the weekend'],
  [/\bon holiday\b/g, 'on vacation'],
  // The ball, then the game.
  [/\b(a|the|my|your|his|her|our|their) ((?:\w+ )?)football(?=[,.?!]|$)/gi, '$1 $2soccer ball'],
  [/\bfootball\b/g, 'soccer'],
  [/\bFootball\b/g, 'Soccer'],
];

const replaced = new Map(nouns);
const known = new RegExp(
  `\\b(?:${nouns
    .map(([british]) => british)
    .sort((one, other) => other.length - one.length)
    .join('|')})\\b`,
  'gi',
);

const capital = (word: string) => word.charAt(0).toUpperCase() + word.slice(1);

/** A sentence with the words that an American class has for its things. */
export function inAmericanWords(text: string): string {
  const named = text.replace(known, (british) => {
    const american = replaced.get(british.toLowerCase()) ?? british;
    return /^\p{Lu}/u.test(british) ? capital(american) : american;
  });
  return phrases.reduce((result, [from, to]) => result.replace(from, to), named);
}
