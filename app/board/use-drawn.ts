/** What is drawn over the board: in this browser at once, and with the lesson where the teacher keeps it. */
import { isBare, nothingDrawn, type Drawn } from '~core/board/drawn';
import type { Lesson } from '~core/records/lesson';
import { useSend } from '~/ui/use-send';
import { useShared } from './use-shared';

type Places = Readonly<Record<string, Drawn>>;

const placesOf = (lesson: Pick<Lesson, 'drawn'>): Places =>
  Object.fromEntries((lesson.drawn ?? []).map(({ id, ...drawn }) => [id, drawn]));

const isSame = (one: Places, other: Places) => {
  const told = (places: Places) =>
    JSON.stringify(
      Object.keys(places)
        .filter((id) => !isBare(places[id] ?? nothingDrawn))
        .sort()
        .map((id) => {
          const { strokes, stamps, covers } = places[id] ?? nothingDrawn;
          return [id, strokes, stamps, covers];
        }),
    );
  return told(one) === told(other);
};

export function useDrawn(lesson: Lesson, place: string) {
  const kept = placesOf(lesson);
  const [places, setPlaces] = useShared<Places>(`wordane board ${lesson.id} over`, kept);
  const { send, message, clash } = useSend();
  const drawn = places[place] ?? nothingDrawn;
  return {
    drawn,
    message,
    clash,
    /** True where the lesson has all that is drawn, and nothing else. */
    isKept: isSame(places, kept),
    isEmpty: isSame(places, {}),
    draw: (changed: (drawn: Drawn) => Partial<Drawn>) =>
      setPlaces((before) => {
        const now = before[place] ?? nothingDrawn;
        return { ...before, [place]: { ...now, ...changed(now) } };
      }),
    keep: () =>
      send({
        intent: 'keep-drawn',
        drawn: { places: Object.entries(places).map(([id, each]) => ({ id, ...each })) },
      }),
    throwAway: () => {
      setPlaces(() => ({}));
      if (!isSame(kept, {})) send({ intent: 'keep-drawn', drawn: { places: [] } });
    },
  };
}

export type DrawnBoard = ReturnType<typeof useDrawn>;
