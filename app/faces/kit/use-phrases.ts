import { createContext, useContext } from 'react';
import { phrasesOf } from '~core/practice/phrases';

/** What buttons and messages say; the learner's language where phrases ship for it. */
export const PhrasesContext = createContext(phrasesOf('en'));

export const usePhrases = () => useContext(PhrasesContext);
