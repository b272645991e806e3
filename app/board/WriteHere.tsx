import { useEffect, useState } from 'react';
import type { ClassProfile } from '~core/classes/class-profile';
import { MarkedWord } from '~/ui/MarkedWord';
import type { TileUnit } from '~/workers/tile-units';
import { engine } from '~/workers/engine.client';
import { t } from '~/phrases/t';

const wordsIn = (text: string) => [...new Set(text.match(/[\p{L}\p{M}'’]+/gu) ?? [])].slice(0, 24);

/** What is written on the spot, large; on demand its words are taken apart at once. */
export function WriteHere({
  text,
  onText,
  profile,
}: {
  text: string;
  onText: (text: string) => void;
  profile: ClassProfile;
}) {
  const [apart, setApart] = useState(false);
  const [units, setUnits] = useState<Readonly<Record<string, readonly TileUnit[]>>>({});
  const words = wordsIn(text);
  const asked = words.join(' ');
  useEffect(() => {
    if (!apart || asked === '') return undefined;
    let stale = false;
    void Promise.all(
      asked.split(' ').map(async (word) => {
        const card = await engine().describeWord(word.toLowerCase(), profile, undefined);
        return [word, card.units] as const;
      }),
    )
      .then((found) => {
        if (!stale) setUnits(Object.fromEntries(found));
      })
      .catch(() => undefined);
    return () => {
      stale = true;
    };
  }, [apart, asked, profile]);
  return (
    <section className="board-write" aria-label={t('board.writtenOnTheBoard')}>
      <textarea
        className="learner-text"
        aria-label={t('board.writeOnTheBoard')}
        placeholder={t('board.writeHere')}
        rows={apart ? 2 : 4}
        maxLength={600}
        spellCheck={false}
        value={text}
        onChange={(event) => onText(event.currentTarget.value)}
      />
      <button
        type="button"
        className="board-button"
        aria-pressed={apart}
        onClick={() => setApart(!apart)}
      >
        {t('board.takeWordsApart')}
      </button>
      {apart && (
        <p className="board-write__words learner-text">
          {words.map((word) => {
            const found = units[word];
            return (
              <span key={word}>
                {found ? (
                  <>
                    <MarkedWord units={found} />
                    <span className="visually-hidden">
                      {found.map(({ letters }) => letters).join(', ')}
                    </span>
                  </>
                ) : (
                  word
                )}
              </span>
            );
          })}
        </p>
      )}
    </section>
  );
}
