/** What can be done to the boards of a lesson: loose pieces, and what was drawn over its parts. */
import { isBare } from '~core/board/drawn';
import type { DrawnRecord } from '~core/records/drawn-record';
import type { Lesson } from '~core/records/lesson';
import type { PieceBoardRecord } from '~core/records/piece-board-record';
import { Fields, Id, Text } from './fields';
import { operation, type Operations } from './operation';
import { t } from '~/phrases/t';

class KeepBoard {
  @Fields() board!: PieceBoardRecord;
  /** What was done, for the history: “Moved rain”. */
  @Text(300) did!: string;
}
class RemoveBoard {
  @Id() board!: string;
  @Text(120) name!: string;
}
class KeepDrawn {
  @Fields() drawn!: { readonly places: readonly DrawnRecord[] };
}

const op = operation<Lesson>();

export const boardOperations: Operations<Lesson> = {
  /** A board of loose pieces as it lies now; a new one comes after the others. */
  'keep-board': op({
    input: KeepBoard,
    label: (_, { did }) => did,
    step: (lesson, { board }) => {
      const boards = lesson.boards ?? [];
      return {
        ...lesson,
        boards: boards.some(({ id }) => id === board.id)
          ? boards.map((each) => (each.id === board.id ? board : each))
          : [...boards, board],
      };
    },
  }),
  'remove-board': op({
    input: RemoveBoard,
    label: (_, { name }) => t('change.removedTheBoard', { name }),
    step: (lesson, { board }) => ({
      ...lesson,
      boards: (lesson.boards ?? []).filter(({ id }) => id !== board),
    }),
  }),
  /** What stands over the board now is what the lesson keeps; places with nothing over them are not kept. */
  'keep-drawn': op({
    input: KeepDrawn,
    label: (_, { drawn: { places } }) =>
      places.length === 0 ? t('change.threwAwayWhatWasDrawn') : t('change.keptWhatWasDrawnAt'),
    step: ({ drawn: _before, ...lesson }, { drawn: { places } }) => {
      const drawn = places.filter((place) => !isBare(place));
      return drawn.length === 0 ? lesson : { ...lesson, drawn };
    },
  }),
};
