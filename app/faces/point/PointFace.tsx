import { useState } from 'react';
import type { PointResponse, PointTask, SceneThing } from '~core/exercises/interactions/point/task';
import type { FaceProps } from '../kit/face-props';
import { Said } from '../kit/ItemRow';

const middle = (thing: SceneThing) =>
  [thing.x + thing.width / 2, thing.y + thing.height / 2] as const;

const holds = (thing: SceneThing, at: readonly [number, number] | undefined) =>
  at !== undefined &&
  at[0] >= thing.x &&
  at[0] <= thing.x + thing.width &&
  at[1] >= thing.y &&
  at[1] <= thing.y + thing.height;

const percent = (share: number) => `${(share * 100).toFixed(2)}%`;

/** A word is chosen, then its place on the picture is shown. */
export function PointFace(props: FaceProps<PointTask, PointResponse>) {
  const { task, response, onResponse, verdicts, locked, picture } = props;
  const { scene, items } = task;
  const [chosen, setChosen] = useState(items[0]?.id);
  const put = (thing: SceneThing) => {
    if (locked || chosen === undefined) return;
    const next = { ...response, [chosen]: middle(thing) };
    onResponse(next);
    setChosen(items.find(({ id }) => next[id] === undefined)?.id ?? chosen);
  };
  return (
    <div className="play-point">
      <div className="put-tray" role="group" aria-label="Words">
        {items.map(({ id, word }) => {
          const verdict = verdicts.get(id);
          const state =
            verdict === undefined ? '' : verdict.right ? ' piece--right' : ' piece--look';
          return (
            <button
              key={id}
              type="button"
              className={`piece${state}${response[id] ? ' piece--placed' : ''}`}
              aria-pressed={id === chosen}
              disabled={locked}
              onClick={() => setChosen(id)}
            >
              {word}
              {verdict && (
                <span className="visually-hidden">{verdict.right ? ', right' : ', not yet'}</span>
              )}
            </button>
          );
        })}
      </div>
      <div className="play-scene" style={{ aspectRatio: `1 / ${scene.height}` }}>
        {scene.backdrop && <img src={picture(scene.backdrop.picture)} alt={scene.backdrop.shows} />}
        {scene.things.map((thing, index) => {
          const here = items.find(({ id }) => holds(thing, response[id]));
          return (
            <button
              key={thing.id}
              type="button"
              className={`play-thing${scene.backdrop ? ' play-thing--place' : ''}`}
              style={{
                left: percent(thing.x),
                top: percent(thing.y / scene.height),
                width: percent(thing.width),
                height: percent(thing.height / scene.height),
              }}
              disabled={locked}
              aria-label={`Place ${index + 1}${here ? `: ${here.word}` : ''}`}
              onClick={() => put(thing)}
            >
              {thing.picture !== '' && <img src={picture(thing.picture)} alt="" />}
              {here && <span className="play-thing__label">{here.word}</span>}
            </button>
          );
        })}
      </div>
      <ul className="put-said">
        {items
          .filter(({ id }) => verdicts.get(id)?.right === false)
          .map(({ id, word }) => (
            <li key={id}>
              <strong>{word}</strong> <Said verdict={verdicts.get(id)} />
            </li>
          ))}
      </ul>
    </div>
  );
}
