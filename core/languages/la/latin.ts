/** Latin: lists, texts and cards; its words are not taken apart. */
import { plainPack } from '../shared/plain-pack';

export const latin = plainPack({
  tag: 'la',
  name: 'Latin',
  phrases: { name: 'Nomen', date: 'Dies' },
  voice: 'la',
});
