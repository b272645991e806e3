import type { LessonPart } from '~core/records/lesson';
import { lookNames, looks, type Look } from '~core/kernel/look';
import {
  borderNames,
  finishNames,
  type BorderName,
  type FinishName,
} from '~core/paper/sheet-layout';
import { papers, type PaperName } from '~core/kernel/paper-size';
import { AutoField } from '~/ui/AutoField';
import { Toggle } from '~/ui/Toggle';
import type { Send } from './built-part';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

const borderTexts: Readonly<Record<BorderName, string>> = {
  none: t('lesson.noBorder'),
  line: t('lesson.aDoubleLine'),
  drops: 'drops',
  waves: 'waves',
};

const finishTexts: Readonly<Record<FinishName, string>> = {
  none: t('lesson.nothingMore'),
  'can-do': 'a can-do strip',
  draw: t('lesson.aBoxToDrawIn'),
  challenge: t('lesson.aChallenge'),
};

function Choose(props: {
  readonly name: string;
  readonly value: string;
  readonly options: readonly (readonly [string, string])[];
  readonly onChoose: (value: string) => void;
}) {
  return (
    <label className="d-block mb-2">
      {props.name}
      <select
        className="form-select form-select-sm"
        value={props.value}
        onChange={(event) => props.onChoose(event.currentTarget.value)}
      >
        {props.options.map(([value, text]) => (
          <option key={value} value={value}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}

/** The paper of one sheet, where it differs from the class's. */
export function PaperOptions({
  part,
  paper,
  of,
  coloured = false,
  send,
}: {
  part: Pick<LessonPart, 'id' | 'layout'>;
  paper: PaperName;
  /** What is laid out: each is asked only what it can do. */
  of: 'exercise' | 'sheet' | 'text';
  /** It prints in colour, by its own choice or the class’s. */
  coloured?: boolean;
  send: Send;
}) {
  const dressed = of !== 'text';
  const closes = of === 'exercise';
  const layout = part.layout ?? {};
  const set = (changed: object, label: string) =>
    send({ intent: 'layout', part: part.id, layout: changed, label });
  return (
    <details className="panel-fold">
      <summary>{t('lesson.paperAndPrint')}</summary>
      <label className="d-block mb-2">
        {t('lesson.paper')}
        <select
          className="form-select form-select-sm"
          value={paper}
          onChange={(event) => {
            const chosen = event.currentTarget.value as PaperName;
            set({ paper: chosen }, t('lesson.changedThePaperTo', { label: papers[chosen].label }));
          }}
        >
          {Object.values(papers).map(({ name, label }) => (
            <option key={name} value={name}>
              {label}
            </option>
          ))}
        </select>
      </label>
      <label className="d-block mb-2">
        {t('lesson.columns')}
        <select
          className="form-select form-select-sm"
          value={layout.columns ?? 1}
          onChange={(event) => {
            const columns = Number(event.currentTarget.value);
            set(
              { columns },
              columns === 2 ? t('lesson.setInTwoColumns') : t('lesson.setInOneColumn'),
            );
          }}
        >
          <option value={1}>{t('lesson.one')}</option>
          <option value={2}>{t('lesson.two')}</option>
        </select>
      </label>
      {dressed && (
        <>
          <Choose
            name={t('lesson.look')}
            value={layout.look ?? ''}
            options={[
              ['', t('lesson.asTheClassHasIt')],
              ...lookNames.map(
                (name) =>
                  [name, `${coreName(looks[name].name)}: ${coreName(looks[name].says)}`] as const,
              ),
            ]}
            onChoose={(look) =>
              set(
                { look: look || null },
                look
                  ? t('lesson.look2', { name: coreName(looks[look as Look].name) })
                  : t('lesson.lookOfTheClass'),
              )
            }
          />
          <Choose
            name={t('lesson.key')}
            value={layout.key ?? 'list'}
            options={[
              ['list', t('lesson.aListOfAnswersWith')],
              ['written', t('lesson.theSheetWithItsAnswers')],
            ]}
            onChoose={(key) =>
              set(
                { key },
                key === 'written' ? t('lesson.wroteTheAnswersIntoThe') : t('lesson.keyAsAList'),
              )
            }
          />
        </>
      )}
      {closes && (
        <Choose
          name={t('lesson.atTheEndOfThe')}
          value={layout.finish ?? 'none'}
          options={finishNames.map((name) => [name, finishTexts[name]] as const)}
          onChoose={(finish) =>
            set(
              { finish },
              t('lesson.closedTheSheetWith', { finishTexts: finishTexts[finish as FinishName] }),
            )
          }
        />
      )}
      <label className="d-block mb-2">
        {t('lesson.border')}
        <select
          className="form-select form-select-sm"
          value={layout.border ?? 'none'}
          onChange={(event) => {
            const border = event.currentTarget.value as BorderName;
            set({ border }, t('lesson.border2', { borderTexts: borderTexts[border] }));
          }}
        >
          {borderNames.map((name) => (
            <option key={name} value={name}>
              {borderTexts[name]}
            </option>
          ))}
        </select>
      </label>
      <div className="mb-2">
        {t('lesson.header')}
        <AutoField
          label={t('lesson.headerOfEachPage')}
          className="form-control form-control-sm"
          value={layout.header ?? ''}
          placeholder={t('lesson.printedAtTheHeadOf')}
          payload={(header) => ({
            intent: 'layout',
            part: part.id,
            layout: { header },
            label: t('lesson.changedTheHeader'),
          })}
        />
      </div>
      <Toggle
        name={t('lesson.largePrint18PtAnd')}
        checked={layout.largePrint === true}
        onChange={(largePrint) =>
          set(
            { largePrint },
            largePrint ? t('lesson.setInLargePrint') : t('lesson.setInTheUsualSize'),
          )
        }
      />
      <Toggle
        name={t('lesson.widerLettersWordsAndLines')}
        checked={layout.wideSpacing === true}
        onChange={(wideSpacing) =>
          set({ wideSpacing }, wideSpacing ? t('lesson.spacedWidely') : t('lesson.spacedAsUsual'))
        }
      />
      {closes && (
        <Toggle
          name={t('lesson.answersAtTheFootUpside')}
          checked={layout.keyStrip === true}
          onChange={(keyStrip) =>
            set(
              { keyStrip },
              keyStrip ? t('lesson.putTheAnswersAtThe') : t('lesson.tookTheAnswersAway'),
            )
          }
        />
      )}
      {dressed && (
        <>
          <Toggle
            name={t('lesson.keepTheUsualSizesHowever')}
            checked={layout.asIs === true}
            onChange={(asIs) =>
              set({ asIs }, asIs ? t('lesson.keptTheUsualSizes') : t('lesson.filledThePage'))
            }
          />
          <Toggle
            name={t('lesson.printInColour')}
            checked={coloured}
            onChange={(colour) =>
              set({ colour }, colour ? t('lesson.printedInColour') : t('lesson.printedInGreys'))
            }
          />
        </>
      )}
      <Toggle
        name={t('lesson.spareInk')}
        checked={layout.inkSaver === true}
        onChange={(inkSaver) =>
          set({ inkSaver }, inkSaver ? t('lesson.sparedInk') : t('lesson.printedAsUsual'))
        }
      />
    </details>
  );
}
