/** A pack that knows little: a name, fonts and phrases. Everything else is what most languages share. */
import { learnerFonts, type LanguagePack, type LearnerFont } from '../language-pack';
import { sentencesIn, wordsIn } from './segment';

type PlainPack = Pick<LanguagePack, 'tag' | 'name'> & Partial<LanguagePack>;

export function plainPack(known: PlainPack): LanguagePack {
  return {
    direction: 'ltr',
    fonts: Object.keys(learnerFonts) as LearnerFont[],
    phrases: { name: 'Name', date: 'Date' },
    can: new Set(),
    tokens: { words: (text) => wordsIn(text), sentences: (text) => sentencesIn(text) },
    ...known,
  };
}
