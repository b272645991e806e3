/** Japanese: lists, texts and cards; its words are not taken apart. */
import { plainPack } from '../shared/plain-pack';

export const japanese = plainPack({
  tag: 'ja',
  name: 'Japanese',
  phrases: { name: 'なまえ', date: '日付' },
  voice: 'ja',
});
