import type { ClassProfile } from '~core/classes/class-profile';
import { showGrapheme } from '~core/reach/check-word';
import { showSound } from '~core/languages/en/sounds/phonemes';
import { possessive } from '~core/kernel/possessive';
import type { SearchAnswer } from '~/workers/engine-service';
import { extras } from './extras';
import type { ScreenQuery } from './query';
import { useAddress } from '~/ui/use-address';

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
  const spelled = query.spelling ? ` spelled ${showGrapheme(query.spelling)}` : '';
  const what = (sound === '' ? 'such word' : `word with ${sound}`) + spelled;
  if (found.totalWithoutReach > 0) {
    const step = profile.step === null ? '' : ` at step ${profile.step}`;
    return (
      <div className="empty">
        <h2 className="h4">
          No {what} is within {possessive(profile.name)} reach{step}.
        </h2>
        <p>
          {found.totalWithoutReach} {found.totalWithoutReach === 1 ? 'word fits' : 'words fit'}{' '}
          further on.
        </p>
        {query.knows === 'secure' && (
          <button
            type="button"
            className="btn btn-primary me-2"
            onClick={() => set({ knows: 'stretch' })}
          >
            Show what comes next
          </button>
        )}
        <button
          type="button"
          className="btn btn-outline-dark"
          onClick={() => set({ knows: 'any' })}
        >
          Show any words
        </button>
      </div>
    );
  }
  return (
    <div className="empty">
      <h2 className="h4">No {what} in the bank fits all of this.</h2>
      <p>Take one thing out of the search, or ask more widely.</p>
      {asked.map((extra) => (
        <button
          key={extra.name}
          type="button"
          className="btn btn-outline-dark me-2 mb-2"
          onClick={() => set({}, [extra.name])}
        >
          Without “{extra.label}”
        </button>
      ))}
      <button
        type="button"
        className="btn btn-primary mb-2"
        onClick={() => set({ place: 'any', syllables: 'any' }, ['spelling'])}
      >
        Search anywhere, in words of any length
      </button>
    </div>
  );
}
