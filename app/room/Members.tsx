import { useState } from 'react';
import { Dropdown } from 'react-bootstrap';
import { BsDoorClosed, BsPencil, BsThreeDots } from 'react-icons/bs';
import type { OtherVersion } from '~core/kernel/version';
import type { Member } from '~core/room/room-state';
import { useUnfit } from './ClassThinks';
import type { RoomLesson } from './room-lesson';
import type { TeacherClient, TeacherSees } from './teacher-client';
import { t } from '~/phrases/t';

/** What can be given to one learner, and what it is called. */
const versionNames = {
  '': t('room.theExercisesOfAll'),
  support: t('room.withSupport'),
  stretch: t('room.withMoreToDo'),
} as const;

/** Who is in the room, how far each one is, and what is done for one alone. */
export function Members({
  sees,
  exercises,
  client,
}: {
  sees: TeacherSees;
  exercises: RoomLesson['exercises'];
  client: TeacherClient | undefined;
}) {
  const { members, answers } = sees.room;
  const { versions } = sees;
  const { slate } = sees.show;
  const unfit = useUnfit(members.map(({ name }) => name));
  const [shown, setShown] = useState<ReadonlySet<string>>(new Set());
  const done = (member: Member) =>
    exercises.filter(({ id }) => answers[member.id]?.[id] !== undefined).length;
  const nameOf = ({ id, name }: Member) =>
    name === ''
      ? t('room.somebodyChoosingAName')
      : (unfit?.has(name) ?? false) && !shown.has(id)
        ? t('room.aNameThatWasNot')
        : name;
  return (
    <section aria-labelledby="room-members">
      <h2 className="h6" id="room-members">
        {t('room.inTheRoom', { members: members.filter(({ here }) => here).length })}
      </h2>
      {members.length === 0 && <p className="quiet small">{t('room.nobodyYet')}</p>}
      <ul className="room-members">
        {members.map((member) => (
          <li key={member.id} className={member.here ? '' : 'room-members__away'}>
            <span>
              {nameOf(member)}
              {!member.here && <span className="quiet small"> {t('room.away')}</span>}
            </span>
            <span className="quiet small">
              {done(member)}/{exercises.length}
            </span>
            {nameOf(member) === 'a name that was not shown' && (
              <button
                type="button"
                className="btn btn-link btn-sm p-0"
                onClick={() => setShown(new Set([...shown, member.id]))}
              >
                {t('room.show')}
              </button>
            )}
            <Dropdown drop="start">
              <Dropdown.Toggle
                as="button"
                type="button"
                className="icon-button room-members__more"
                aria-label={t('room.forAlone', { nameOf: nameOf(member) })}
              >
                <BsThreeDots aria-hidden="true" />
              </Dropdown.Toggle>
              <Dropdown.Menu>
                {Object.entries(versionNames).map(([version, text]) => {
                  const isHers = (versions[member.id] ?? '') === version;
                  return (
                    <Dropdown.Item
                      key={version}
                      as="button"
                      type="button"
                      aria-current={isHers}
                      onClick={() =>
                        client?.give(
                          member.id,
                          version === '' ? undefined : (version as OtherVersion),
                        )
                      }
                    >
                      {isHers ? '✓ ' : ''}
                      {text}
                    </Dropdown.Item>
                  );
                })}
                {slate && (
                  <Dropdown.Item
                    as="button"
                    type="button"
                    onClick={() => client?.slate({ ...slate, pen: member.id })}
                  >
                    <BsPencil aria-hidden="true" /> {t('room.handOverThePen')}
                  </Dropdown.Item>
                )}
                <Dropdown.Divider />
                <Dropdown.Item as="button" type="button" onClick={() => client?.sendOut(member.id)}>
                  <BsDoorClosed aria-hidden="true" /> {t('room.sendOut')}
                </Dropdown.Item>
              </Dropdown.Menu>
            </Dropdown>
          </li>
        ))}
      </ul>
    </section>
  );
}
