import { sidesOf } from '~core/board/dice';
import { t } from '~/phrases/t';

export type SidesField = readonly [
  label: string,
  text: string,
  set: (step: (text: string) => string) => void,
];

/** What stands on dice or around a vane, to be written anew by the teacher. */
export function Sides({ fields, most }: { fields: readonly SidesField[]; most: number }) {
  return (
    <details className="board-sides">
      <summary>{t('board.otherWords')}</summary>
      <div className="board-row">
        {fields.map(([label, text, set]) => (
          <label key={label}>
            {t('board.oneALine', { label })}
            <textarea
              className="form-control"
              rows={6}
              value={text}
              onChange={(event) => {
                const { value } = event.currentTarget;
                set(() => value);
              }}
            />
            {sidesOf(text).length > most && <span>{t('board.onlyTheFirstAreUsed', { most })}</span>}
            {sidesOf(text).length === 0 && <span>{t('board.writeAtLeastOne')}</span>}
          </label>
        ))}
      </div>
    </details>
  );
}
