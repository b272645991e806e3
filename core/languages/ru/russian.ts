/** Russian: lists, texts and cards; its words are not taken apart. */
import { plainPack } from '../shared/plain-pack';

export const russian = plainPack({
  tag: 'ru',
  name: 'Russian',
  phrases: { name: 'Имя', date: 'Дата' },
  voice: 'ru',
});
