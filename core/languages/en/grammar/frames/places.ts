/**
 * Names of places with or without the, each with the rule that settles it
 * (common practice; Swan, Practical English Usage, “articles: place names”, from
 * memory).
 */

export interface PlaceKind {
  readonly kind: string;
  readonly the: boolean;
  readonly rule: string;
  readonly names: readonly string[];
  /** A sentence about such a place, with ___ for article and name. */
  readonly sentences: readonly string[];
}

const list = (names: string) => names.split(',').map((name) => name.trim());

export const placeKinds: readonly PlaceKind[] = [
  {
    kind: 'river',
    the: true,
    rule: 'Rivers take the.',
    names: list('Nile, Danube, Amazon, Thames, Mississippi, Rhine, Ganges'),
    sentences: ['___ flows to the sea.', 'The boat sailed along ___.'],
  },
  {
    kind: 'sea',
    the: true,
    rule: 'Seas and oceans take the.',
    names: list('Atlantic, Pacific, Baltic Sea, Black Sea, Mediterranean, Indian Ocean, North Sea'),
    sentences: ['The storm came from ___.', '___ is deep and cold.'],
  },
  {
    kind: 'mountain range',
    the: true,
    rule: 'Ranges of mountains take the.',
    names: list('Alps, Andes, Himalayas, Rocky Mountains, Urals, Pyrenees'),
    sentences: ['Snow lies on ___ all summer.', 'Clouds gather over ___.'],
  },
  {
    kind: 'desert',
    the: true,
    rule: 'Deserts take the.',
    names: list('Sahara, Gobi Desert, Kalahari, Atacama'),
    sentences: ['It hardly ever rains in ___.', 'The wind carries sand from ___.'],
  },
  {
    kind: 'group of islands',
    the: true,
    rule: 'Groups of islands take the.',
    names: list('Canary Islands, Bahamas, Philippines, Faroe Islands, Hebrides'),
    sentences: ['Warm winds blow over ___.'],
  },
  {
    kind: 'country in the plural or with a kind of state',
    the: true,
    rule: 'Countries in the plural, or with Kingdom, States or Republic, take the.',
    names: list('United Kingdom, United States, Netherlands, Czech Republic, United Arab Emirates'),
    sentences: ['Our visitors came from ___.', 'It is raining in ___.'],
  },
  {
    kind: 'country',
    the: false,
    rule: 'Most countries take no article.',
    names: list('France, Japan, Peru, Kenya, Norway, Brazil, Italy, Canada'),
    sentences: ['Our visitors came from ___.', 'It is raining in ___.'],
  },
  {
    kind: 'continent',
    the: false,
    rule: 'Continents take no article.',
    names: list('Africa, Asia, Europe, Antarctica, South America'),
    sentences: ['The cold wind comes from ___.', 'The birds fly to ___.'],
  },
  {
    kind: 'city',
    the: false,
    rule: 'Towns and cities take no article.',
    names: list('Lisbon, Tokyo, Nairobi, Lima, Oslo, Vienna, Cairo'),
    sentences: ['The train to ___ is late.', 'It snowed in ___ last night.'],
  },
  {
    kind: 'lake',
    the: false,
    rule: 'A lake with Lake in its name takes no article.',
    names: list('Lake Victoria, Lake Geneva, Lake Ontario, Lake Titicaca'),
    sentences: ['The wind is strong on ___.', 'Fog lies over ___.'],
  },
  {
    kind: 'single mountain',
    the: false,
    rule: 'A single mountain takes no article.',
    names: list('Mount Everest, Mont Blanc, Kilimanjaro, Ben Nevis, Mount Fuji'),
    sentences: ['They climbed ___ in May.', 'There is a weather station on ___.'],
  },
  {
    kind: 'street',
    the: false,
    rule: 'Streets and squares take no article.',
    names: list('Station Road, Mill Street, Market Square, Hill Lane'),
    sentences: ['A tree fell across ___.', 'The club meets in ___.'],
  },
  {
    kind: 'pole or direction',
    the: true,
    rule: 'The poles, the equator and directions take the.',
    names: list('North Pole, South Pole, Equator, Arctic'),
    sentences: ['How cold is it at ___?', 'The ship sailed to ___.'],
  },
];
