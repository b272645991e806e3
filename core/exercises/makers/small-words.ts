import {
  findSmallWords,
  otherArticle,
  smallWordKinds,
  withSmallWords,
} from '../../languages/romance/small-words';
import { sentencesIn } from '../../languages/shared/segment';
import type { GapItem } from '../interactions/gap/task';
import { choice, read } from '../making/parameters';
import { readingMaker } from '../making/reading-maker';
import { numbered } from '../making/usable-words';

const parameters = {
  grammar: choice(
    'About',
    smallWordKinds.map(
      (kind) => [kind, kind === 'articles' ? 'Articles' : 'Contractions'] as const,
    ),
    'contractions',
  ),
};

/** Contractions (do, au, nel) and articles of a text in a Romance language, to be written in. */
export default readingMaker({
  id: 'small-words',
  name: 'Articles and contractions',
  description:
    'Sentences of a French, Italian, Portuguese or Spanish text without an article or a contraction.',
  needs: 'a text in French, Italian, Portuguese or Spanish',
  interaction: 'gap',
  usual: 10,
  title: 'The small words',
  instruction: 'Write the missing word.',
  asks: ['small words'],
  parameters,
  make({ text, parameters: given, wanted, random }) {
    const { grammar } = read(parameters, given);
    const language = withSmallWords(text.language);
    const body = text.body.replace(/^#+\s*/gmu, '');
    const contracted = grammar === 'contractions';
    const items =
      language === undefined
        ? []
        : sentencesIn(body, text.kind === 'poem').flatMap(({ start, end }) => {
            const sentence = body.slice(start, end);
            const found = findSmallWords(sentence, language, grammar).filter(({ sure }) => sure);
            const taken = random.shuffle(found)[0];
            return taken === undefined ? [] : [{ sentence, taken }];
          });
    const made = items.slice(0, wanted).map(({ sentence, taken }): Omit<GapItem, 'id'> => {
      const before = sentence.slice(0, taken.start);
      const after = sentence.slice(taken.end);
      const other = contracted || !language ? undefined : otherArticle(taken.text, language, after);
      // Without spaces, so that no line ends within it.
      const hint = contracted ? ` (${taken.full.replaceAll(' ', '')})` : '';
      return {
        word: taken.text.toLowerCase(),
        pieces: [
          ...(before === '' ? [] : [{ kind: 'text' as const, text: before }]),
          { kind: 'gap', answer: taken.text, accepted: other === undefined ? [] : [other] },
          { kind: 'text', text: `${hint}${after}` },
        ],
        key: taken.text,
        reason: contracted ? `${taken.full} = ${taken.text.toLowerCase()}` : `A ${taken.full}.`,
      };
    });
    const bank = [...new Set(made.map(({ word }) => word))];
    return {
      task: {
        interaction: 'gap',
        items: numbered(made),
        bank: given.bank !== false && bank.length > 1 ? random.shuffle(bank) : [],
        sentences: true,
      },
      title: contracted ? 'Two words in one' : 'Which article?',
      instruction: contracted
        ? 'Write the two words in brackets as one.'
        : 'Write the article that is missing.',
      notes:
        language === undefined
          ? ['The text is in no language whose articles and contractions are known here.']
          : [],
    };
  },
});
