/** French: lists, texts, cards and handwriting; its words are not taken apart. */
import { plainPack } from '../shared/plain-pack';

export const french = plainPack({
  tag: 'fr',
  name: 'French',
  phrases: { name: 'Nom', date: 'Date' },
  voice: 'fr',
  can: new Set(['school hand']),
});
