import type { MatchResponse, MatchSide, MatchTask } from '~core/exercises/interactions/match/task';
import type { FaceProps } from '../kit/face-props';
import { CardsFace } from './CardsFace';
import { PutPieces } from '../kit/PutPieces';

const turned = (record: Readonly<Record<string, string>>) =>
  Object.fromEntries(Object.entries(record).map(([key, value]) => [value, key]));

/** Each thing gets its partner. */
export function MatchFace(props: FaceProps<MatchTask, MatchResponse>) {
  const { task, response, onResponse, verdicts, locked, picture } = props;
  // Cards can be turned where their backs are there: a learner's copy without answers is put together.
  if (task.cards === 'backs' && task.pairs.every(({ partner }) => partner !== '')) {
    return <CardsFace {...props} />;
  }
  const shown = (side: MatchSide) =>
    side.picture === undefined ? (
      side.text
    ) : (
      <img className="play-picture" src={picture(side.picture)} alt="" />
    );
  const name = (side: MatchSide, number: number, kind: string) =>
    side.picture === undefined ? side.text : `${kind} ${number}`;
  const owner = turned(response);
  return (
    <PutPieces
      label="Partners"
      single
      pieces={task.rights.map((side, index) => ({
        id: side.id,
        name: name(side, index + 1, 'picture'),
        shows: shown(side),
      }))}
      targets={task.pairs.map(({ id, left }, index) => ({
        id,
        name: name(left, index + 1, 'place'),
        shows: shown(left),
      }))}
      placed={owner}
      onPlaced={(placed) => onResponse(turned(placed))}
      verdictOf={(piece) => verdicts.get(owner[piece] ?? '')}
      locked={locked}
    />
  );
}
