import { Dropdown } from 'react-bootstrap';
import { BsPlus } from 'react-icons/bs';
import { Link } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import { blockKinds, blockNames, type SheetBlock } from '~core/sheets/blocks/sheet-block';
import { aboutOf, newBlock } from '~core/sheets/blocks/new-block';
import { AutoField } from '~/ui/AutoField';
import { MenuItem } from '~/ui/MenuItem';
import { useClassTexts } from './class-texts';
import { titleOf, type ExercisePart, type Send, type SheetPart } from './built-part';
import { PaperOptions } from './PaperOptions';
import { blockIcon, SheetBlocks } from './SheetBlocks';
import { VersionChoice } from './VersionChoice';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

function AddBlock({
  part,
  title,
  exercises,
  used,
  send,
}: {
  part: string;
  title: string;
  exercises: readonly ExercisePart[];
  used: ReadonlySet<string>;
  send: Send;
}) {
  const add = (block: Omit<SheetBlock, 'id'>) => send({ intent: 'add-block', part, block });
  const texts = useClassTexts();
  const about = aboutOf(
    title,
    exercises.map((made) => made.part),
  );
  const left = exercises.filter((made) => !used.has(made.part.id));
  return (
    <Dropdown>
      <Dropdown.Toggle as="button" type="button" bsPrefix="btn btn-sm btn-outline-dark">
        <BsPlus aria-hidden="true" /> {t('lesson.addABlock')}
      </Dropdown.Toggle>
      <Dropdown.Menu className="maker-menu">
        <Dropdown.Item as={Link} to={`add?sheet=${part}`}>
          {blockIcon('exercise')} {t('lesson.aNewExercise')}
        </Dropdown.Item>
        <Dropdown.Divider />
        {left.length > 0 && (
          <div role="group" aria-label={t('lesson.exercisesOfThisLesson')}>
            <Dropdown.Header aria-hidden="true">
              {t('lesson.exercisesOfThisLesson')}
            </Dropdown.Header>
            {left.map((made) => (
              <MenuItem
                key={made.part.id}
                onChoose={() => add({ kind: 'exercise', part: made.part.id })}
              >
                {blockIcon('exercise')} {titleOf(made)}
              </MenuItem>
            ))}
            <Dropdown.Divider />
          </div>
        )}
        {blockKinds
          .filter((kind) => kind !== 'exercise')
          .map((kind) => (
            <MenuItem
              key={kind}
              onChoose={() =>
                add({
                  ...newBlock(kind, about),
                  ...(kind === 'reading' && texts[0] ? { textId: texts[0].id } : {}),
                })
              }
            >
              {blockIcon(kind)} {coreName(blockNames[kind])}
            </MenuItem>
          ))}
      </Dropdown.Menu>
    </Dropdown>
  );
}

export interface SheetPanelProps {
  readonly profile: ClassProfile;
  readonly open: SheetPart;
  readonly exercises: readonly ExercisePart[];
  readonly send: Send;
}

/** A sheet's blocks, its paper, and the words on it that are past the class's reach. */
export function SheetPanel({ profile, open, exercises, send }: SheetPanelProps) {
  const { part, checks, sheet } = open;
  const blocks = part.blocks ?? [];
  const used = new Set(blocks.flatMap((block) => block.part ?? []));
  const past = checks.filter((check) => check.reach !== 'secure');
  return (
    <aside className="check-panel" aria-label={t('lesson.theSheet')}>
      <h2>{t('lesson.theSheet')}</h2>
      <AutoField
        label={t('lesson.nameOfTheSheet')}
        className="form-control form-control-sm mb-2"
        value={part.text}
        payload={(text) => ({ intent: 'note', part: part.id, text })}
      />
      <SheetBlocks part={part.id} blocks={blocks} exercises={exercises} send={send} />
      <AddBlock part={part.id} title={part.text} exercises={exercises} used={used} send={send} />
      {exercises.length === 0 && (
        <p className="small quiet mt-2">{t('lesson.aNewExerciseOnThe')}</p>
      )}
      <div className="my-3">
        <VersionChoice
          version={part.parameters.version}
          onChoose={(version) =>
            send({
              intent: 'parameters',
              part: part.id,
              parameters: { version },
              label: t('lesson.madeTheVersionOfThe', { version }),
            })
          }
        />
      </div>
      <PaperOptions
        of="sheet"
        part={part}
        paper={sheet.paper}
        coloured={sheet.colour !== undefined}
        send={send}
      />
      {past.length > 0 && (
        <>
          <h3>{t('lesson.pastTheReachOf', { name: profile.name })}</h3>
          {past.map((check) => (
            <div key={check.word} className="check-card">
              <span className={`check-card__word reach-${check.reach}`}>{check.word}</span>{' '}
              <span className={`reach-tag reach-${check.reach}`}>{check.reach}</span>
              <ul>
                {check.reasons.map((reason) => (
                  <li key={reason.text}>{reason.text}</li>
                ))}
              </ul>
              <button
                type="button"
                className="btn btn-link btn-sm p-0"
                aria-label={t('lesson.countAsKnown', { word: check.word })}
                onClick={() => send({ intent: 'known', word: check.word })}
              >
                {t('lesson.countAsKnown2')}
              </button>
            </div>
          ))}
        </>
      )}
    </aside>
  );
}
