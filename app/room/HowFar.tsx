import type { RoomLesson } from './room-lesson';
import type { TeacherSees } from './teacher-client';
import { t } from '~/phrases/t';

/** How far each learner is, where they go on by themselves. */
export function HowFar({
  sees,
  exercises,
}: {
  sees: TeacherSees;
  exercises: RoomLesson['exercises'];
}) {
  const { members, answers } = sees.room;
  return (
    <table className="room-far">
      <caption className="visually-hidden">{t('room.howFarEachOneIs')}</caption>
      <thead>
        <tr>
          <th scope="col">{t('room.learner')}</th>
          {exercises.map(({ id, title }, index) => (
            <th key={id} scope="col" title={title}>
              {index + 1}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {members.map((member) => (
          <tr key={member.id}>
            <th scope="row">{member.name}</th>
            {exercises.map(({ id }) => {
              const kept = answers[member.id]?.[id];
              return <td key={id}>{kept ? Object.keys(kept.response).length : '·'}</td>;
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
