/** A teacher's own picture with named places, for tests: a white square of one pixel, and four places. */
export const ownMaterial = {
  translated: [
    'Der Wind weht. | The [wind] blows.',
    'Der Regen fällt. | The rain [falls].',
    'Die Sonne scheint. | The [sun] shines.',
  ],
  questions: [
    'Which wind is warm here? | the south wind | the north wind | the east wind',
    'What does the vane show? | where the wind comes from | how strong the wind is',
    'When is the log written? | at eight in the morning | at noon',
    'Who reads the gauge on Monday? | Asha | Nils',
  ],
  sentencesWithGaps: [
    'The ___ turns in the wind. | vane / weathervane',
    'Rain is measured with a ___. | gauge',
    'We write it into the ___ book. | log',
    'The ___ froze in the ___. | pond | night',
  ],
  picture: {
    picture:
      'data:image/png;base64,iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8/5+hHgAHggJ/PchI7wAAAABJRU5ErkJggg==',
    ratio: 1.5,
    shows: 'The club in the yard',
  },
  places: [
    { x: 0.2, y: 0.3, word: 'climbing' },
    { x: 0.7, y: 0.25, word: 'flag' },
    { x: 0.45, y: 0.8, word: 'rain gauge' },
    { x: 0.85, y: 0.75, word: 'running' },
  ],
};
