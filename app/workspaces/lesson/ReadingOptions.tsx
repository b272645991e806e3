import { glossPlaces, lineNumberings, type ReadingLayout } from '~core/texts/reading-layout';
import type { ReadingText } from '~core/texts/reading-text';
import { Toggle } from '~/ui/Toggle';
import { LitChoice } from './LitChoice';
import { Choice } from './Choice';
import { t } from '~/phrases/t';

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
        name={t('lesson.lineNumbers')}
        value={reading.numbers ?? (kind === 'poem' ? 'fives' : 'none')}
        options={Object.entries(lineNumberings)}
        onChoose={(numbers, said) =>
          onSet(
            { numbers: numbers as ReadingLayout['numbers'] & string },
            t('lesson.lineNumbers2', { said }),
          )
        }
      />
      <Choice
        name={t('lesson.glosses')}
        value={reading.glosses ?? 'none'}
        options={Object.entries(glossPlaces)}
        onChoose={(glosses, said) =>
          onSet(
            { glosses: glosses as ReadingLayout['glosses'] & string },
            t('lesson.glosses2', { said }),
          )
        }
      />
      <LitChoice
        lit={reading.grammar ?? []}
        onSet={(grammar, label) => onSet({ grammar }, label)}
      />
      {toggle(
        t('lesson.wideMarginForNotes'),
        'margin',
        t('lesson.gaveRoomForNotes'),
        t('lesson.tookTheMarginAway'),
      )}
      {toggle(
        t('lesson.linesFarApart'),
        'doubleSpaced',
        t('lesson.setTheLinesFarApart'),
        t('lesson.setTheLinesAsUsual'),
      )}
      {toggle(
        t('lesson.wordBoxBeforeTheText'),
        'wordBox',
        t('lesson.printedTheWordBox'),
        t('lesson.leftTheWordBoxOut'),
      )}
      {toggle(
        t('lesson.myMarksLinedUnderAnd'),
        'marks',
        t('lesson.printedTheMarks'),
        t('lesson.leftTheMarksOut'),
      )}
      {toggle(
        t('lesson.myQuestionsBesideTheirLines'),
        'questions',
        t('lesson.printedTheQuestions'),
        t('lesson.leftTheQuestionsOut'),
      )}
    </>
  );
}
