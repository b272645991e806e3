/** The teacher's room on a screen: what it holds is kept in this browser, so that a reload goes on. */
import { useEffect, useRef, useState } from 'react';
import { plainName } from '~core/room/room-state';
import type { RoomContent } from '~core/room/show';
import { readSlip, writeSlip } from '~core/practice/slip';
import { TeacherClient, type TeacherSees } from './teacher-client';

const keyOf = (lesson: string) => `wordane room ${lesson}`;

const storeOf = (lesson: string) => ({
  read: (): unknown => {
    try {
      return JSON.parse(localStorage.getItem(keyOf(lesson)) ?? 'null') ?? undefined;
    } catch {
      return undefined;
    }
  },
  write: (kept: unknown) => localStorage.setItem(keyOf(lesson), JSON.stringify(kept)),
});

export const forgetRoom = (lesson: string) => localStorage.removeItem(keyOf(lesson));

export function useTeacherRoom(lesson: string, content: RoomContent) {
  const [sees, setSees] = useState<TeacherSees>();
  const client = useRef<TeacherClient>(undefined);
  useEffect(() => {
    const opened = new TeacherClient(content, storeOf(lesson), setSees);
    client.current = opened;
    const keepNow = () => opened.keepNow();
    window.addEventListener('pagehide', keepNow);
    return () => {
      window.removeEventListener('pagehide', keepNow);
      opened.leave();
    };
    // A room is opened with the lesson as it is then.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [lesson]);
  return { sees, client };
}

/** What came of each learner as a slip, for those who answered; questions asked on the spot stay here. */
export function slipsOfRoom(
  { room }: Pick<TeacherSees, 'room'>,
  lesson: string,
  exercises: readonly { readonly id: string }[],
  at: number,
): string[] {
  return room.members.flatMap(({ id, name }) => {
    const answers = exercises.flatMap((exercise) => {
      const kept = room.answers[id]?.[exercise.id];
      return kept
        ? [
            {
              exercise: exercise.id,
              response: kept.response,
              ...(kept.print === undefined ? {} : { print: kept.print }),
            },
          ]
        : [];
    });
    const learner = plainName(name);
    if (answers.length === 0 || learner === '') return [];
    const slip = writeSlip({ learner, lesson, answers, at });
    // What is too much for a slip is not cut in silence: it is left with the room.
    return 'error' in readSlip(slip) ? [] : [slip];
  });
}
