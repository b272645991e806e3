import { useNavigation, useSearchParams } from 'react-router';
import { levelOptions, levelSystems, scaleOf } from '~core/classes/class-level';
import type { ClassProfile } from '~core/classes/class-profile';
import { accentNames } from '~core/kernel/accent';
import { spellings } from '~core/kernel/spelling';

const systemNames = { uk: 'England', us: 'United States', cefr: 'CEFR' } as const;

/** For whom the lesson is to be: a class, or one like it at another level, in another spelling or accent, with other words. */
export function ForWhom({
  profile,
  base,
  target,
  classes,
  lists,
}: {
  profile: ClassProfile;
  base: ClassProfile | undefined;
  target: ClassProfile | undefined;
  classes: readonly ClassProfile[];
  lists: readonly { readonly id: string; readonly name: string }[];
}) {
  const [shown, setSearch] = useSearchParams();
  // What was chosen just now counts, also while the lesson is still being looked through for it.
  const { location } = useNavigation();
  const search = location ? new URLSearchParams(location.search) : shown;
  const set = (name: string, value: string) => {
    const next = new URLSearchParams(search);
    if (value === '') next.delete(name);
    else next.set(name, value);
    // What is said of one class is not said of the next.
    if (name === 'to') ['level', 'spelling', 'accent', 'list'].forEach((each) => next.delete(each));
    setSearch(next, { replace: true });
  };
  const english = base?.language === 'en';
  return (
    <div className="adapt-whom">
      <label>
        For which class
        <select
          className="form-select"
          value={base && search.has('to') ? base.id : ''}
          onChange={(event) => set('to', event.currentTarget.value)}
        >
          <option value="">choose a class …</option>
          {classes.map((each) => (
            <option key={each.id} value={each.id}>
              {each.name} · {scaleOf(each.level).name}
              {each.id === profile.id ? ' · another for the same class' : ''}
            </option>
          ))}
        </select>
      </label>
      {base && target && english && (
        <>
          <label>
            At the level
            <select
              className="form-select"
              value={search.get('level') ?? ''}
              onChange={(event) => set('level', event.currentTarget.value)}
            >
              <option value="">its own: {scaleOf(base.level).name}</option>
              {levelSystems.map((system) => (
                <optgroup key={system} label={systemNames[system]}>
                  {levelOptions[system].map(({ value, name }) => (
                    <option key={value} value={`${system}:${value}`}>
                      {name}
                    </option>
                  ))}
                </optgroup>
              ))}
            </select>
          </label>
          <label>
            In the spelling
            <select
              className="form-select"
              value={search.get('spelling') ?? ''}
              onChange={(event) => set('spelling', event.currentTarget.value)}
            >
              <option value="">its own: {spellings[base.spelling]}</option>
              {Object.entries(spellings)
                .filter(([id]) => id !== base.spelling)
                .map(([id, name]) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
            </select>
          </label>
          <label>
            In the accent
            <select
              className="form-select"
              value={search.get('accent') ?? ''}
              onChange={(event) => set('accent', event.currentTarget.value)}
            >
              <option value="">its own: {accentNames[base.accent]}</option>
              {Object.entries(accentNames)
                .filter(([id]) => id !== base.accent)
                .map(([id, name]) => (
                  <option key={id} value={id}>
                    {name}
                  </option>
                ))}
            </select>
          </label>
        </>
      )}
      {lists.length > 0 && (
        <label>
          With the words of
          <select
            className="form-select"
            value={search.get('list') ?? ''}
            onChange={(event) => set('list', event.currentTarget.value)}
          >
            <option value="">the lesson itself</option>
            {lists.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
}
