import { useState } from 'react';
import { penTools, type PenTool, type Stroke } from '~core/board/drawn';
import { Pen } from '~/board/Pen';
import { t } from '~/phrases/t';

/** A field to draw on, as wide as a board is for its height; what stands on it is seen through. */
export function DrawPad({
  strokes,
  behind = [],
  onStrokes,
  text = '',
  label,
}: {
  strokes: readonly Stroke[];
  /** What others have drawn. */
  behind?: readonly Stroke[];
  /** Absent where it is only looked at. */
  onStrokes?: ((strokes: readonly Stroke[]) => void) | undefined;
  text?: string;
  label: string;
}) {
  const [tool, setTool] = useState<PenTool>('ink');
  return (
    <div className="draw-pad" role="group" aria-label={label}>
      <div className="draw-pad__field">
        {text !== '' && <p className="learner-text draw-pad__text">{text}</p>}
        {behind.length > 0 && <Pen tool={undefined} strokes={behind} onStrokes={() => undefined} />}
        <Pen
          tool={onStrokes ? tool : undefined}
          strokes={strokes}
          onStrokes={(next) => onStrokes?.(next)}
        />
      </div>
      {onStrokes && (
        <div className="draw-pad__tools" role="group" aria-label={t('room.pens')}>
          {Object.entries(penTools).map(([id, name]) => (
            <button
              key={id}
              type="button"
              className="play-button"
              aria-pressed={tool === id}
              onClick={() => setTool(id as PenTool)}
            >
              {name}
            </button>
          ))}
          <button
            type="button"
            className="play-button"
            disabled={strokes.length === 0}
            onClick={() => onStrokes(strokes.slice(0, -1))}
          >
            {t('room.oneStrokeBack')}
          </button>
        </div>
      )}
    </div>
  );
}
