/** What the board and the teacher's window share: where the lesson is, the clock, who was asked, the teams. */
import { boardStart, boardStep, type BoardAction, type BoardState } from '~core/board/board-state';
import type { LessonPartOnBoard } from './board-lesson';
import type { Counting } from './BoardTimer';
import { useShared } from './use-shared';

export interface Asked {
  readonly name: string;
  readonly had: readonly string[];
  readonly shown: boolean;
  readonly fair: boolean;
}

export interface Teams {
  readonly shown: boolean;
  readonly points: readonly [number, number];
}

export function useBoard(lessonId: string, parts: readonly LessonPartOnBoard[]) {
  const key = (name: string) => `wordane board ${lessonId} ${name}`;
  const [kept, setState] = useShared<BoardState>(key('place'), boardStart(parts));
  // A part may have gone since.
  const state = kept.part < parts.length ? kept : boardStart(parts);
  const step = (action: BoardAction) => setState(() => boardStep(state, action, parts));
  const [clock, setClock] = useShared<Counting | null>(key('clock'), null);
  const [asked, setAsked] = useShared<Asked>(key('asked'), {
    name: '',
    had: [],
    shown: false,
    fair: true,
  });
  const [teams, setTeams] = useShared<Teams>(key('teams'), { shown: false, points: [0, 0] });
  return {
    state,
    step,
    clock,
    setClock,
    asked,
    setAsked,
    teams,
    setTeams,
    part: parts[state.part],
  };
}

export type SharedBoard = ReturnType<typeof useBoard>;
