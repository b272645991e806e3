import type { SortResponse, SortTask } from '~core/exercises/interactions/sort/task';
import type { FaceProps } from '../kit/face-props';
import { PutPieces } from '../kit/PutPieces';

/** Cards go under their headings. */
export function SortFace(props: FaceProps<SortTask, SortResponse>) {
  const { task, response, onResponse, verdicts, locked } = props;
  return (
    <PutPieces
      label="Words to sort"
      pieces={task.cards.map(({ id, text }) => ({ id, name: text }))}
      targets={task.headings.map(({ id, label }) => ({ id, name: label }))}
      placed={response}
      onPlaced={onResponse}
      verdictOf={(id) => verdicts.get(id)}
      locked={locked}
    />
  );
}
