import type { ClassProfile } from '~core/classes/class-profile';
import { showGrapheme } from '~core/reach/check-word';
import { showSound } from '~core/languages/en/sounds/phonemes';
import { nameOf } from '~/phrases/name-of';
import type { SearchAnswer } from '~/workers/engine-service';
import { extras } from './extras';
import type { ScreenQuery } from './query';
import { useAddress } from '~/ui/use-address';
import { t } from '~/phrases/t';

/** Nothing found: says why, and offers what would find something. */
export function NothingFound(props: {
  profile: ClassProfile;
  query: ScreenQuery;
  found: SearchAnswer;
}) {
  const { profile, query, found } = props;
  const { parameters, change } = useAddress();
  const set = (values: Record<string, string>, without: readonly string[] = []) =>
    change((next) => {
      for (const [name, value] of Object.entries(values)) next.set(name, value);
      for (const name of without) next.delete(name);
    });
  const asked = extras.filter((extra) => parameters.has(extra.name));
  const sound = query.sounds.map((each) => showSound(each.split(' '))).join(', ');
  const spelled = query.spelling
    ? t('words.spelled2', { showGrapheme: showGrapheme(query.spelling) })
    : '';
  const what = (sound === '' ? t('words.suchWord') : t('words.wordWith', { sound })) + spelled;
  if (found.totalWithoutReach > 0) {
    const step = profile.step === null ? '' : t('words.atStep', { step: profile.step });
    return (
      <div className="empty">
        <h2 className="h4">{t('words.noIsWithinReach', { what, ...nameOf(profile), step })}</h2>
        <p>{t('words.wordFitsFurtherOn', { count: found.totalWithoutReach })}</p>
        {query.knows === 'secure' && (
          <button
            type="button"
            className="btn btn-primary me-2"
            onClick={() => set({ knows: 'stretch' })}
          >
            {t('words.showWhatComesNext')}
          </button>
        )}
        <button
          type="button"
          className="btn btn-outline-dark"
          onClick={() => set({ knows: 'any' })}
        >
          {t('words.showAnyWords')}
        </button>
      </div>
    );
  }
  return (
    <div className="empty">
      <h2 className="h4">{t('words.noInTheBankFits', { what })}</h2>
      <p>{t('words.takeOneThingOutOf')}</p>
      {asked.map((extra) => (
        <button
          key={extra.name}
          type="button"
          className="btn btn-outline-dark me-2 mb-2"
          onClick={() => set({}, [extra.name])}
        >
          {t('words.without', { label: extra.label })}
        </button>
      ))}
      <button
        type="button"
        className="btn btn-primary mb-2"
        onClick={() => set({ place: 'any', syllables: 'any' }, ['spelling'])}
      >
        {t('words.searchAnywhereInWordsOf')}
      </button>
    </div>
  );
}
