import { analysePassage } from '../../languages/en/grammar/find/analyse-passage';
import { featureNames } from '../../languages/en/grammar/structures/feature-names';
import { findInText, seemsForeign } from '../../languages/en/grammar/find/find-in-text';
import { structureNames } from '../../languages/en/grammar/structures/structure-table';
import type { BankClause } from '../../languages/en/grammar/frames/clause-bank';
import { bankSentence } from '../../languages/en/grammar/frames/bank-sentence';
import { tenseFeatures, whyTense } from '../../languages/en/grammar/transform/form-change';
import { grammarMaker } from '../making/grammar-maker';
import { numbered } from '../making/usable-words';
import { read, sentences } from '../making/parameters';

const MOST = 12;

const reasons: Readonly<Record<string, string>> = {
  articles: 'The, a and an are articles.',
  prepositions: 'A preposition stands before a noun and says where, when or how.',
  contractions: 'Two words in one; the apostrophe stands for what is left out.',
  adjectives: 'An adjective says what a person or thing is like.',
  adverbs: 'An adverb says how, when, where or how much.',
  verbs: 'A verb says what is done, or what is.',
  nouns: 'A noun names a person, a place or a thing.',
};

/** A word class or a structure to be underlined in a text. */
export default grammarMaker({
  id: 'spot-form',
  name: 'Spot the form',
  description:
    'Underline every article, contraction, adjective, passive, past perfect … in a text.',
  interaction: 'spot',
  needs: 'a text, or some sentences, in which the form stands',
  targets: ['verbs', ...featureNames.filter((name) => name !== 'verbs'), ...structureNames],
  usual: MOST,
  onScreen: (paper) => paper.replace('Underline', 'Choose'),
  title: 'Spot the form',
  instruction: 'Underline each one.',
  make({ parameters, text, bank, lexicon, forms, target, wanted }) {
    const own = (read({ sentences: sentences() }, parameters).sentences ?? []).join(' ');
    const tenses = ['past simple', 'present perfect', 'past simple'];
    const said = (clause: BankClause, tense: string) =>
      bankSentence(clause, tenseFeatures(tense), forms).text;
    const made = bank
      // “The farmers cut the grass” is the past or the present: nobody can say which.
      .filter((clause) => said(clause, 'past simple') !== said(clause, 'present simple'))
      .slice(0, 6)
      .map((clause, at) => said(clause, tenses[at % 3] ?? 'past simple'))
      .join(' ');
    const whole = own || (text?.body ?? made).replace(/^#.*$/gmu, '').replace(/\s+/g, ' ').trim();
    // A text in another language has nothing that can be counted on.
    const foreign = seemsForeign(whole);
    const shown = foreign ? whole : cut(whole, target, wanted, lexicon);
    const found = foreign ? [] : findInText(shown, target, lexicon).slice(0, 40);
    const items = found.map(({ start, end, text: find, full }) => ({
      word: find.toLowerCase(),
      find,
      place: Array.from({ length: end - start }, (_, at) => start + at),
      reason: `${full ? `${find} stands for ${full}. ` : ''}${reasons[target] ?? (whyTense(target) || `This is the ${target}.`)}`,
    }));
    const doubts = foreign
      ? 0
      : analysePassage(shown, lexicon).filter(({ analysis }) => !analysis.sure).length;
    return {
      title: `Find the ${target}`,
      instruction: `Read the text. Underline ${(featureNames as readonly string[]).includes(target) ? `all ${target}` : `each ${target}`}: there are ${items.length}.`,
      notes: [
        ...(items.length === 0
          ? [`There is no ${target} here. Choose another form, or a text in which it stands.`]
          : []),
        ...(doubts > 0
          ? [
              `${doubts} of these sentences can be read in two ways: look at the key before you print it.`,
            ]
          : []),
      ],
      task: {
        interaction: 'spot',
        text: shown,
        layout: 'text',
        listed: false,
        items: numbered(items),
      },
    };
  },
});

/** As many whole sentences as give the wanted number, at most a hundred and eighty words. */
function cut(
  text: string,
  target: string,
  wanted: number,
  lexicon: Parameters<typeof findInText>[2],
): string {
  const whole = analysePassage(text, lexicon, false);
  const places = findInText(text, target, lexicon);
  let end = 0;
  for (const sentence of whole) {
    const words = text.slice(0, sentence.end).split(' ').length;
    if (end > 0 && words > 180) break;
    end = sentence.end;
    if (places.filter((place) => place.end <= end).length >= wanted) break;
  }
  return text.slice(0, end === 0 ? text.length : end);
}
