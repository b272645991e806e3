import { makerName } from '~core/exercises/catalogue';
import { Dropdown } from 'react-bootstrap';
import { BsThreeDotsVertical } from 'react-icons/bs';
import { Link } from 'react-router';
import {
  minutesOf,
  stageIds,
  stageNames,
  type Lesson,
  type LessonPart,
  type LessonStage,
} from '~core/records/lesson';
import type { Reach } from '~core/reach/check-word';
import { AutoField } from '~/ui/AutoField';
import { MenuItem } from '~/ui/MenuItem';
import { ReachTag } from '~/ui/ReachTag';
import { AddPart } from './AddPart';
import { DraggedPart, DragParts, StageEnd, type Dropped } from './DragParts';
import { isExercise, titleOf, type Broken, type BuiltPart, type Send } from './built-part';
import { InteractionIcon } from './maker-icons';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

function worstReach(built: BuiltPart): Reach {
  const reaches = new Set(built.checks.map((check) => check.reach));
  return reaches.has('beyond') ? 'beyond' : reaches.has('stretch') ? 'stretch' : 'secure';
}

function PartMenu({
  part,
  name,
  stage,
  lesson,
  send,
}: {
  part: LessonPart;
  name: string;
  stage: LessonStage;
  lesson: Lesson;
  send: Send;
}) {
  const index = stage.parts.findIndex((each) => each.id === part.id);
  const move = (to: LessonStage, at: number) =>
    send({ intent: 'move-part', part: part.id, stage: to.id, index: at, name });
  return (
    <Dropdown align="end">
      <Dropdown.Toggle
        as="button"
        type="button"
        bsPrefix="icon-button mt-1"
        aria-label={t('lesson.change2', { name })}
      >
        <BsThreeDotsVertical aria-hidden="true" />
      </Dropdown.Toggle>
      <Dropdown.Menu aria-label={t('lesson.change2', { name })}>
        {index > 0 && (
          <MenuItem onChoose={() => move(stage, index - 1)}>{t('lesson.moveUp')}</MenuItem>
        )}
        {index < stage.parts.length - 1 && (
          <MenuItem onChoose={() => move(stage, index + 1)}>{t('lesson.moveDown')}</MenuItem>
        )}
        {lesson.stages
          .filter((each) => each.id !== stage.id)
          .map((each) => (
            <MenuItem key={each.id} onChoose={() => move(each, each.parts.length)}>
              {t('lesson.moveTo', { stageNames: coreName(stageNames[each.id]) })}
            </MenuItem>
          ))}
        <Dropdown.Divider />
        <MenuItem onChoose={() => send({ intent: 'remove-part', part: part.id, name })}>
          {t('lesson.remove2')}
        </MenuItem>
      </Dropdown.Menu>
    </Dropdown>
  );
}

export interface StagesProps {
  readonly lesson: Lesson;
  readonly built: readonly BuiltPart[];
  readonly broken: readonly Broken[];
  readonly openId: string | undefined;
  readonly send: Send;
}

/** What a lesson opens on besides its plan. */
const doors = [
  ['board', t('lesson.board')],
  ['pieces', t('lesson.pieces')],
  ['room', t('lesson.room')],
  ['plan', t('lesson.plan')],
  ['results', t('lesson.results')],
] as const;

/** The plan: title, objective, and the five stages with their parts. */
export function Stages({ lesson, built, broken, openId, send }: StagesProps) {
  const nameOf = (part: LessonPart) => {
    const made = built.find((each) => each.part.id === part.id);
    return made ? titleOf(made) : coreName(makerName(part.maker)) || t('lesson.theNote');
  };
  const drop = ({ part: id, stage, before }: Dropped) => {
    const part = lesson.stages.flatMap(({ parts }) => parts).find((each) => each.id === id);
    if (part === undefined) return;
    const others = (lesson.stages.find((each) => each.id === stage)?.parts ?? []).filter(
      (each) => each.id !== id,
    );
    const at = others.findIndex((each) => each.id === before);
    const index = at < 0 ? others.length : at;
    send({ intent: 'move-part', part: id, stage, index, name: nameOf(part) });
  };
  return (
    <section className="stages" aria-label={t('lesson.plan')}>
      <h1 className="visually-hidden">{lesson.title}</h1>
      <AutoField
        key={`title ${lesson.id}`}
        label={t('lesson.titleOfTheLesson')}
        className="inline-edit inline-edit--title"
        value={lesson.title}
        multiline
        payload={(value) => ({ intent: 'field', field: 'title', value })}
      />
      <AutoField
        key={`objective ${lesson.id}`}
        label={t('lesson.objective')}
        className="inline-edit"
        value={lesson.objective}
        multiline
        payload={(value) => ({ intent: 'field', field: 'objective', value })}
      />
      <p className="stages__doors quiet small mb-0 px-2">
        {doors.map(([path, name]) => (
          <Link key={path} to={`/lessons/${lesson.id}/${path}`}>
            {name}
            {path === 'results' && lesson.slips?.length ? ` · ${lesson.slips.length}` : ''}
          </Link>
        ))}
      </p>
      <DragParts
        stageOf={(part) =>
          lesson.stages.find(({ parts }) => parts.some((each) => each.id === part))?.id
        }
        onDrop={drop}
      >
        {stageIds.map((id) => {
          const stage = lesson.stages.find((each) => each.id === id);
          if (stage === undefined) return null;
          return (
            <section className="stage" key={id} aria-label={coreName(stageNames[id])}>
              <div className="stage__head">
                <h2>{coreName(stageNames[id])}</h2>
                <label className="stage__minutes">
                  <input
                    type="number"
                    min={0}
                    max={180}
                    key={stage.minutes}
                    defaultValue={stage.minutes}
                    aria-label={t('lesson.minutesOf', { stageNames: coreName(stageNames[id]) })}
                    onBlur={(event) => {
                      const minutes = Math.round(Number(event.currentTarget.value));
                      if (minutes !== stage.minutes)
                        send({ intent: 'minutes', stage: id, minutes });
                    }}
                  />{' '}
                  {t('lesson.min')}
                </label>
              </div>
              {stage.parts.map((part) => {
                const made = built.find((each) => each.part.id === part.id);
                const fault = broken.find((each) => each.part.id === part.id)?.broken;
                const name = fault
                  ? coreName(makerName(part.maker)) || t('lesson.sheet')
                  : made
                    ? titleOf(made)
                    : t('lesson.theNote');
                const worst = made ? worstReach(made) : 'secure';
                return (
                  <DraggedPart
                    key={part.id}
                    id={part.id}
                    className={`part${part.id === openId ? ' part--open' : ''}`}
                  >
                    {made ? (
                      <Link
                        className="part__link"
                        to={`?part=${part.id}`}
                        preventScrollReset
                        aria-current={part.id === openId ? 'true' : undefined}
                      >
                        <InteractionIcon
                          interaction={isExercise(made) ? made.exercise.task.interaction : 'sheet'}
                        />
                        <span>
                          {name}
                          {isExercise(made) && made.exercise.short !== undefined && (
                            <span className="d-block reach-tag">{t('lesson.notASheetYet')}</span>
                          )}
                          {worst !== 'secure' && (
                            <span className="d-block">
                              <ReachTag reach={worst} />
                            </span>
                          )}
                        </span>
                      </Link>
                    ) : fault ? (
                      <div className="part__note">
                        <strong>{name}</strong>
                        <p className="message small mb-0">
                          {t('lesson.itStaysInTheLesson', { fault })}
                        </p>
                      </div>
                    ) : (
                      <div className="part__note">
                        <AutoField
                          label={t('lesson.noteIn', { stageNames: coreName(stageNames[id]) })}
                          className="inline-edit"
                          value={part.text}
                          placeholder={t('lesson.writeWhatYouWillSay')}
                          multiline
                          payload={(text) => ({ intent: 'note', part: part.id, text })}
                        />
                      </div>
                    )}
                    <PartMenu part={part} name={name} stage={stage} lesson={lesson} send={send} />
                  </DraggedPart>
                );
              })}
              <StageEnd id={id}>
                <AddPart lesson={lesson.id} stage={stage} title={lesson.title} send={send} />
              </StageEnd>
            </section>
          );
        })}
      </DragParts>
      <p className="quiet small mb-3 px-2">
        {t('lesson.minutesInAll', { minutesOf: minutesOf(lesson) })}
      </p>
    </section>
  );
}
