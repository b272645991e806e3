import type { BuildResponse, BuildTask } from '~core/exercises/interactions/build/task';
import type { FaceProps } from '../kit/face-props';
import { PutPieces } from '../kit/PutPieces';

/** Pieces are put where they belong round the word in the middle. */
export function BuildFace(props: FaceProps<BuildTask, BuildResponse>) {
  const { task, response, onResponse, verdicts, locked, picture } = props;
  return (
    <>
      <p className="play-centre">
        {task.picture !== undefined && <img className="play-picture" src={picture(task.picture)} alt="" />}
        {task.centre}
      </p>
      <PutPieces
        label="Pieces"
        pieces={task.pieces.map(({ id, text }) => ({ id, name: text }))}
        targets={task.places.map(({ id, label }) => ({ id, name: label }))}
        placed={response}
        onPlaced={onResponse}
        verdictOf={(id) => verdicts.get(id)}
        locked={locked}
      />
    </>
  );
}
