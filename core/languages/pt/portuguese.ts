/** Portuguese: lists, texts, cards and handwriting; its words are not taken apart. */
import { plainPack } from '../shared/plain-pack';

export const portuguese = plainPack({
  tag: 'pt',
  name: 'Portuguese',
  phrases: { name: 'Nome', date: 'Data' },
  voice: 'pt',
  can: new Set(['school hand']),
});
