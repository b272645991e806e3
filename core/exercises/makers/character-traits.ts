import { labelOf, proofOf, type PassageSentence } from '../../texts/reading/passage';
import { statementsOf } from '../../texts/reading/statements-of';
import { traitShown } from '../../texts/reading/traits';
import { openItem, readingMaker } from '../making/reading-maker';
import { read, text as textField } from '../making/parameters';
import { written } from '../making/written';

const columns = [
  { title: 'What the text says', share: 0.5 },
  { title: 'So this person is …', share: 0.24 },
  { title: 'Because …', share: 0.26 },
];

const declared = { character: textField('About whom', 60) };

/** Lines that show something are enough for a sheet without those that may. */
const ENOUGH = 3;

interface Line {
  readonly sentence: PassageSentence;
  /** What it says of the person: one clause, its subject named. */
  readonly text: string;
}

/** Daniel Okoro is Daniel; Mrs Hall is Mrs Hall. */
const firstName = (name: string) =>
  /^(?:Mr|Mrs|Ms|Miss|Dr|Aunt|Uncle|the) /.test(name) ? name : (name.split(' ')[0] ?? name);

/** Lines in which a person says or does something, and what they show. */
export default readingMaker({
  id: 'character-traits',
  name: 'Character traits with evidence',
  description: 'Lines about one person, and room for the trait each shows and why.',
  interaction: 'write',
  answersAreRead: true,
  parameters: declared,
  needs: 'a text with a named person',
  fewest: 1,
  usual: 5,
  title: 'What is this person like?',
  instruction: 'Read each line. Write what it shows about the person.',
  make({ passage, lexicon, parameters, wanted }) {
    const told = statementsOf(passage, lexicon).filter(({ subject }) => subject.person);
    const linesOf = (name: string): Line[] => {
      const acted = told
        .filter(({ subject }) => firstName(subject.text) === name)
        .map(({ sentence, text }) => ({ sentence, text }));
      const spoken = passage.sentences
        .filter(({ speaker }) => speaker === name)
        .map((sentence) => ({ sentence, text: sentence.text }));
      const all = [...acted, ...spoken].filter(({ sentence }) => sentence.words > 2);
      return [...new Map(all.map((line) => [line.sentence.start, line])).values()];
    };
    const shownIn = (lines: readonly Line[]) =>
      lines.filter(({ text }) => traitShown(text) !== undefined).length;
    const named = told.map(({ subject }) => firstName(subject.text));
    const candidates = [...new Set([...named, ...passage.persons])]
      .filter((name) => /^\p{Lu}/u.test(name))
      .map((name) => ({ name, lines: linesOf(name) }))
      .filter(({ lines }) => lines.length > 0)
      .sort(
        (left, right) =>
          shownIn(right.lines) - shownIn(left.lines) || right.lines.length - left.lines.length,
      );
    const { character } = read(declared, parameters);
    const person = candidates.find(({ name }) => name === character) ?? candidates[0];
    if (person === undefined) {
      return {
        ...written([], { columns }),
        notes: [
          'No person is named in this text who does or says something. Choose another text, or ask an open question instead.',
        ],
      };
    }
    const showing = person.lines.filter(({ text }) => traitShown(text) !== undefined);
    const rest = person.lines.filter((line) => !showing.includes(line));
    const chosen = [...showing, ...rest]
      .slice(0, Math.min(wanted, Math.max(ENOUGH, showing.length)))
      .sort((left, right) => left.sentence.start - right.sentence.start);
    return {
      title: `What is ${person.name} like?`,
      ...written(
        chosen.map(({ sentence, text }) => {
          const shown = traitShown(text);
          const line = sentence.text;
          return openItem(line, shown ? `${shown.traits}: ${shown.because}` : '', {
            word: labelOf(line),
            cells: [line, '', ''],
            keyCells: [line, shown?.traits ?? '', shown?.because ?? ''],
            reason: `${shown ? `A model: “${shown.shows}” shows it; other traits` : 'Open: any trait'} that the line bears out. ${proofOf(sentence)}`,
          });
        }),
        { columns },
      ),
    };
  },
});
