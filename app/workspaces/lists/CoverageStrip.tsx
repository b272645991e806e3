import { showGrapheme } from '~core/reach/check-word';
import type { ListCoverage } from '~core/lists/coverage';
import { showSound } from '~core/languages/en/sounds/phonemes';
import { t } from '~/phrases/t';

export interface CoverageStripProps {
  readonly coverage: ListCoverage;
  readonly onAdd: (word: string) => void;
}

/** Which spellings of its sound a list has, how many each, and words that would make the set even. */
export function CoverageStrip({ coverage, onAdd }: CoverageStripProps) {
  const { sound, spellings, absent } = coverage;
  if (sound === undefined || spellings.length === 0) return null;
  const most = Math.max(...spellings.map((each) => each.count));
  const missing = spellings.filter((each) => each.missing > 0 && each.suggestions.length > 0);
  const summary = spellings
    .map(({ spelling, count }) => `${showGrapheme(spelling)} ${count}`)
    .join(' · ');
  return (
    <section className="coverage" aria-label={t('lists.spellingsInThisList')}>
      <p className="quiet small mb-1">
        {t('lists.spelling', { count: spellings.length, summary })}
      </p>
      <div className="coverage__bars" aria-hidden="true">
        {spellings.map(({ spelling, count }) => (
          <span key={spelling} className="coverage__bar" style={{ flexGrow: count }}>
            <span>{showGrapheme(spelling)}</span>
            <i style={{ height: `${6 + (count / most) * 12}px` }} />
          </span>
        ))}
      </div>
      {missing.map(({ spelling, missing: count, suggestions }) => (
        <p key={spelling} className="coverage__fill">
          {t('lists.moreWith', { number: count })} <b>{showGrapheme(spelling)}</b>{' '}
          {t('lists.wouldMakeItEven')}{' '}
          {suggestions.slice(0, Math.max(3, count)).map((word) => (
            <button
              key={word}
              type="button"
              className="ask-chip ask-chip--word"
              aria-label={t('lists.add', { word })}
              onClick={() => onAdd(word)}
            >
              + {word}
            </button>
          ))}
        </p>
      ))}
      {absent.length > 0 && (
        <p className="coverage__fill">
          {t('lists.noSpelledYet', {
            showSound: showSound(sound.split(' ')),
            absent: absent.map(({ spelling }) => showGrapheme(spelling)).join(', '),
          })}{' '}
          {absent
            .flatMap(({ suggestions }) => suggestions.slice(0, 2))
            .slice(0, 6)
            .map((word) => (
              <button
                key={word}
                type="button"
                className="ask-chip ask-chip--word"
                aria-label={t('lists.add', { word })}
                onClick={() => onAdd(word)}
              >
                + {word}
              </button>
            ))}
        </p>
      )}
    </section>
  );
}
