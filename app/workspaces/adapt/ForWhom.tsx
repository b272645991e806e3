import type { ReactNode } from 'react';
import { levelOptions, levelSystems, scaleOf } from '~core/classes/class-level';
import type { ClassProfile } from '~core/classes/class-profile';
import { accentNames } from '~core/kernel/accent';
import { homeLanguages } from '~core/exercises/making/said-at-home';
import { languageName } from '~/ui/language-name';
import { useAddress } from '~/ui/use-address';
import { spellings } from '~core/kernel/spelling';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

const systemNames = { uk: t('adapt.england'), us: t('adapt.unitedStates'), cefr: 'CEFR' } as const;

/** For whom the lesson is to be: a class, or one like it at another level, in another spelling or accent, with other words. */
export function ForWhom({
  profile,
  base,
  target,
  classes,
  lists,
  home,
}: {
  profile: ClassProfile;
  base: ClassProfile | undefined;
  target: ClassProfile | undefined;
  classes: readonly ClassProfile[];
  lists: readonly { readonly id: string; readonly name: string }[];
  home: string | undefined;
}) {
  const { parameters: search, change } = useAddress({ replace: true });
  const set = (name: string, value: string) =>
    change((next) => {
      if (value === '') next.delete(name);
      else next.set(name, value);
      // What is said of one class is not said of the next.
      if (name === 'to')
        ['level', 'spelling', 'accent', 'list'].forEach((each) => next.delete(each));
    });
  const english = base?.language === 'en';
  const own = (name: string) => t('adapt.itsOwn', { name });
  return (
    <div className="adapt-whom">
      <Choice
        label={t('adapt.forWhichClass')}
        value={base && search.has('to') ? base.id : ''}
        usual={t('adapt.chooseAClass')}
        set={(value) => set('to', value)}
      >
        {classes.map((each) => (
          <option key={each.id} value={each.id}>
            {each.name} · {coreName(scaleOf(each.level).name)}
            {each.id === profile.id ? t('adapt.onceMore') : ''}
          </option>
        ))}
      </Choice>
      {base && target && english && (
        <>
          <Choice
            label={t('adapt.atTheLevel')}
            value={search.get('level')}
            usual={own(coreName(scaleOf(base.level).name))}
            set={(value) => set('level', value)}
          >
            {levelSystems.map((system) => (
              <optgroup key={system} label={systemNames[system]}>
                {levelOptions[system].map(({ value, name }) => (
                  <option key={value} value={`${system}:${value}`}>
                    {coreName(name)}
                  </option>
                ))}
              </optgroup>
            ))}
          </Choice>
          <Choice
            label={t('adapt.inTheSpelling')}
            value={search.get('spelling')}
            usual={own(spellings[base.spelling])}
            set={(value) => set('spelling', value)}
          >
            {optionsBut(base.spelling, spellings)}
          </Choice>
          <Choice
            label={t('adapt.inTheAccent')}
            value={search.get('accent')}
            usual={own(coreName(accentNames[base.accent]))}
            set={(value) => set('accent', value)}
          >
            {optionsBut(base.accent, accentNames)}
          </Choice>
        </>
      )}
      {lists.length > 0 && (
        <Choice
          label={t('adapt.withTheWordsOf')}
          value={search.get('list')}
          usual={t('adapt.theLessonItself')}
          set={(value) => set('list', value)}
        >
          {lists.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </Choice>
      )}
      {base && (
        <Choice
          label={t('adapt.instructionsAlsoIn')}
          value={home}
          usual={t('adapt.noOtherLanguage')}
          set={(value) => set('home', value)}
        >
          {homeLanguages.map((tag) => (
            <option key={tag} value={tag}>
              {coreName(languageName(tag))}
            </option>
          ))}
        </Choice>
      )}
    </div>
  );
}

/** A choice of the head; its first option leaves things as they are. */
function Choice({
  label,
  value,
  usual,
  set,
  children,
}: {
  label: string;
  value: string | null | undefined;
  usual: string;
  set: (value: string) => void;
  children: ReactNode;
}) {
  return (
    <label>
      {label}
      <select
        className="form-select"
        value={value ?? ''}
        onChange={(event) => set(event.currentTarget.value)}
      >
        <option value="">{usual}</option>
        {children}
      </select>
    </label>
  );
}

/** Everything there is to choose but what the class has already. */
const optionsBut = (own: string, names: Readonly<Record<string, string>>) =>
  Object.entries(names)
    .filter(([id]) => id !== own)
    .map(([id, name]) => (
      <option key={id} value={id}>
        {name}
      </option>
    ));
