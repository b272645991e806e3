import { glossPlaces, lineNumberings, type ReadingLayout } from '~core/texts/reading-layout';
import type { ReadingText } from '~core/texts/reading-text';
import { Toggle } from '~/ui/Toggle';
import { LitChoice } from './LitChoice';
import { Choice } from './Choice';

/** What of a text can be printed in how many ways; also used for the block of a sheet. */
export function ReadingOptions({
  reading,
  kind,
  onSet,
}: {
  reading: ReadingLayout;
  kind: ReadingText['kind'];
  onSet: (changed: ReadingLayout, label: string) => void;
}) {
  const toggle = (
    name: string,
    key: 'margin' | 'doubleSpaced' | 'wordBox' | 'marks' | 'questions',
    on: string,
    off: string,
  ) => (
    <Toggle
      name={name}
      checked={reading[key] === true}
      onChange={(checked) => onSet({ [key]: checked }, checked ? on : off)}
    />
  );
  return (
    <>
      <Choice
        name="Line numbers"
        value={reading.numbers ?? (kind === 'poem' ? 'fives' : 'none')}
        options={Object.entries(lineNumberings)}
        onChoose={(numbers, said) =>
          onSet({ numbers: numbers as ReadingLayout['numbers'] & string }, `Line numbers: ${said}`)
        }
      />
      <Choice
        name="Glosses"
        value={reading.glosses ?? 'none'}
        options={Object.entries(glossPlaces)}
        onChoose={(glosses, said) =>
          onSet({ glosses: glosses as ReadingLayout['glosses'] & string }, `Glosses ${said}`)
        }
      />
      <LitChoice
        lit={reading.grammar ?? []}
        onSet={(grammar, label) => onSet({ grammar }, label)}
      />
      {toggle('Wide margin for notes', 'margin', 'Gave room for notes', 'Took the margin away')}
      {toggle(
        'Lines far apart',
        'doubleSpaced',
        'Set the lines far apart',
        'Set the lines as usual',
      )}
      {toggle(
        'Word box before the text',
        'wordBox',
        'Printed the word box',
        'Left the word box out',
      )}
      {toggle(
        'My marks, lined under and named',
        'marks',
        'Printed the marks',
        'Left the marks out',
      )}
      {toggle(
        'My questions beside their lines',
        'questions',
        'Printed the questions',
        'Left the questions out',
      )}
    </>
  );
}
