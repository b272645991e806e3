import { Button } from 'react-bootstrap';
import { AutoField } from '~/ui/AutoField';
import { Toggle } from '~/ui/Toggle';
import type { ExercisePart, Send } from './built-part';
import { makerInfo, parametersOf } from '~core/exercises/catalogue';
import { homeLanguages } from '~core/exercises/making/said-at-home';
import { languageName } from '~/ui/language-name';
import { MakerPanel } from './MakerPanel';
import { VersionChoice } from './VersionChoice';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

/** Title, instruction, version and the switches of an exercise. */
export function ExerciseOptions({ open, send }: { open: ExercisePart; send: Send }) {
  const { part, exercise } = open;
  const set = (parameters: object, label: string) =>
    send({ intent: 'parameters', part: part.id, parameters, label });
  const { canShowWorked, hasBank, bankIsUsual } = open.facts;
  const bank = part.parameters.bank ?? bankIsUsual;
  const { shuffle } = parametersOf(makerInfo(part.maker));
  const shuffled = part.parameters.shuffle ?? (shuffle?.kind === 'flag' && shuffle.usual);
  return (
    <>
      <h3>{t('lesson.theSheet')}</h3>
      <AutoField
        label={t('lesson.titleOfTheSheet')}
        className="form-control form-control-sm mb-2"
        value={exercise.title}
        payload={(title) => ({
          intent: 'parameters',
          part: part.id,
          parameters: { title },
          label: t('lesson.changedTheTitleOfThe'),
        })}
      />
      <AutoField
        label={t('lesson.instruction')}
        className="form-control form-control-sm mb-2"
        multiline
        value={exercise.instruction}
        payload={(instruction) => ({
          intent: 'parameters',
          part: part.id,
          parameters: { instruction },
          label: t('lesson.changedTheInstruction'),
        })}
      />
      <label className="d-block small mb-2">
        {t('lesson.aLineUnderItIn')}
        <select
          className="form-select form-select-sm"
          value={part.parameters.alsoIn ?? ''}
          onChange={(event) => {
            const alsoIn = event.currentTarget.value;
            set(
              { alsoIn },
              alsoIn === ''
                ? t('lesson.tookTheLineUnderThe')
                : t('lesson.saidItInToo', { languageName: coreName(languageName(alsoIn)) }),
            );
          }}
        >
          <option value="">{t('lesson.noOtherLanguage')}</option>
          {homeLanguages.map((tag) => (
            <option key={tag} value={tag}>
              {coreName(languageName(tag))}
            </option>
          ))}
        </select>
      </label>
      <VersionChoice
        version={part.parameters.version}
        onChoose={(version) => set({ version }, t('lesson.madeTheVersion', { version }))}
      />
      <MakerPanel open={open} onSet={set} />
      {canShowWorked && (
        <Toggle
          name={t('lesson.showItem1Worked')}
          checked={exercise.worked}
          onChange={(worked) =>
            set({ worked }, worked ? t('lesson.showedItem1Worked') : t('lesson.hidTheWorkedItem'))
          }
        />
      )}
      {hasBank && (
        <Toggle
          name={t('lesson.giveTheChoicesInA')}
          checked={bank}
          onChange={(given) =>
            set(
              { bank: given },
              given ? t('lesson.gaveTheChoices') : t('lesson.tookTheChoicesAway'),
            )
          }
        />
      )}
      <Toggle
        name={t('lesson.shuffle')}
        checked={shuffled}
        onChange={(shuffle) =>
          set({ shuffle }, shuffle ? t('lesson.shuffled') : t('lesson.keptTheOrderOfThe'))
        }
      />
      {shuffled && (
        <Button
          size="sm"
          variant="outline-dark"
          className="mt-1"
          onClick={() => send({ intent: 'shuffle', part: part.id })}
        >
          {t('lesson.shuffleAgain')}
        </Button>
      )}
    </>
  );
}
