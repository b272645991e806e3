import { useState } from 'react';
import { Dropdown } from 'react-bootstrap';
import { BsPlus, BsX } from 'react-icons/bs';
import type { ClassProfile } from '~core/classes/class-profile';
import { MenuItem } from '~/ui/MenuItem';
import { Slot, type SlotOption } from '~/ui/Slot';
import { extras, type Extra } from './extras';
import { ANY_SOUND, syllableChoices, type ScreenQuery } from './query';
import { useAddress } from '~/ui/use-address';
import { anySoundOptions, spellingOptions } from './sound-options';
import { t } from '~/phrases/t';

const placeOptions: readonly SlotOption[] = [
  { value: 'any', label: 'anywhere', text: 'anywhere' },
  { value: 'start', label: t('words.atTheStart'), text: t('words.atTheStart') },
  { value: 'middle', label: t('words.inTheMiddle'), text: t('words.inTheMiddle') },
  { value: 'end', label: t('words.atTheEnd'), text: t('words.atTheEnd') },
];

/** What words may be about; anything where nothing is chosen. */
const topicOptions = (topics: readonly string[]): SlotOption[] =>
  ['', ...topics].map((value) => ({
    value,
    text: value || 'anything',
    label: value || 'anything',
  }));

const syllableOptions: readonly SlotOption[] = Object.entries(syllableChoices).map(
  ([value, { text }]) => ({ value, text, label: text }),
);

const matchOptions: readonly SlotOption[] = [
  { value: 'any', label: t('words.anyOf'), text: t('words.anyOf') },
  { value: 'all', label: t('words.allOf'), text: t('words.allOf') },
  { value: 'none', label: t('words.noneOf'), text: t('words.noneOf') },
];

function knowledgeOptions(profile: ClassProfile): SlotOption[] {
  const secure = t('words.whatKnow', { name: profile.name });
  const stretch = t('words.whatKnowAndWhatComes', { name: profile.name });
  return [
    { value: 'secure', label: secure, text: secure },
    { value: 'stretch', label: stretch, text: stretch },
    { value: 'any', label: t('words.anyWords'), text: t('words.anyWords') },
  ];
}

export interface SearchSentenceProps {
  readonly profile: ClassProfile;
  readonly query: ScreenQuery;
  readonly topics: readonly string[];
  /** What nouns may be names for. */
  readonly nameKinds: readonly string[];
  /** What is wrong with an extra, by its name. */
  readonly problems: Readonly<Record<string, string>>;
}

/** The search, asked as a sentence whose pieces are chosen in place. */
export function SearchSentence(props: SearchSentenceProps) {
  const { profile, query, topics, nameKinds, problems } = props;
  const { parameters, change: changeAddress } = useAddress();
  const [added, setAdded] = useState<string>();
  const change = (edit: (next: URLSearchParams) => void) =>
    changeAddress((next) => {
      edit(next);
      next.delete('list');
      next.delete('all');
    });
  const setAll = (name: string, values: readonly string[]) =>
    change((next) => {
      next.delete(name);
      for (const value of values) next.append(name, value);
    });
  const set = (name: string) => (value: string) => setAll(name, value === '' ? [] : [value]);
  const sounds = query.sounds.length === 0 ? [ANY_SOUND] : query.sounds;
  const setSound = (place: number) => (value: string) =>
    change((next) => {
      const others = sounds.map((sound, index) => (index === place ? value : sound));
      next.delete('sound');
      next.delete('spelling');
      for (const sound of value === ANY_SOUND ? [ANY_SOUND] : others) next.append('sound', sound);
    });
  const present = (extra: Extra) => parameters.getAll(extra.name);
  const add = (extra: Extra) => {
    setAdded(extra.name);
    setAll(extra.name, [...present(extra), extra.start(profile)]);
  };
  const asked = extras.filter(
    (extra) =>
      present(extra).length > 0 &&
      !(profile.step === null && query.sounds.length === 0 && extra.name === 'topic'),
  );
  // A class that reads freely begins with what words are about; a class on a sequence with a sound.
  const free = profile.step === null && query.sounds.length === 0;
  const offered = extras.filter(
    (extra) => (extra.many || present(extra).length === 0) && !(free && extra.name === 'topic'),
  );
  return (
    <section className="card-paper sentence" aria-label={t('words.search')}>
      {free ? (
        <>
          {t('words.wordsAbout')}{' '}
          <Slot
            name={t('words.topic')}
            value={query.topic ?? ''}
            options={topicOptions(topics)}
            onChoose={set('topic')}
          />{' '}
          {t('words.of')}{' '}
          <span className="text-nowrap">
            <Slot
              name={t('words.syllables')}
              value={query.syllables}
              options={syllableOptions}
              onChoose={set('syllables')}
            />
            ,
          </span>{' '}
        </>
      ) : (
        <>
          {t('words.wordsWith', {
            which: sounds[0] !== ANY_SOUND && sounds.length === 1 ? t('words.theSound') : '',
          })}
          {sounds.length > 1 && (
            <>
              <Slot
                name={t('words.howManyOfTheSounds')}
                value={query.soundMatch ?? 'any'}
                options={matchOptions}
                onChoose={set('soundMatch')}
              />{' '}
            </>
          )}
          {sounds.map((sound, index) => (
            <span key={index} className="sentence__piece">
              <Slot
                name={index === 0 ? t('words.sound') : t('words.sound2', { index: index + 1 })}
                value={sound}
                options={anySoundOptions(profile.accent)}
                onChoose={setSound(index)}
                grid
              />
              {sounds.length > 1 && (
                <button
                  type="button"
                  className="sentence__remove"
                  aria-label={t('words.takeSoundOutOfThe', { index: index + 1 })}
                  onClick={() =>
                    setAll(
                      'sound',
                      sounds.filter((_, place) => place !== index),
                    )
                  }
                >
                  <BsX aria-hidden="true" />
                </button>
              )}{' '}
            </span>
          ))}
          {sounds[0] !== ANY_SOUND && (
            <button
              type="button"
              className="sentence__plus"
              aria-label={t('words.anotherSound')}
              title={t('words.anotherSound')}
              onClick={() => setAll('sound', [...sounds, sounds[0] === 'IY' ? 'EY' : 'IY'])}
            >
              <BsPlus aria-hidden="true" />
            </button>
          )}{' '}
          {t('words.spelled')}{' '}
          <Slot
            name={t('words.spelling')}
            value={query.spelling ?? ''}
            options={spellingOptions(query.sounds, profile.accent)}
            onChoose={set('spelling')}
            grid
          />{' '}
          <Slot
            name={t('words.place')}
            value={query.place ?? 'any'}
            options={placeOptions}
            onChoose={set('place')}
          />{' '}
          {t('words.inTheWordOf')}{' '}
          <span className="text-nowrap">
            <Slot
              name={t('words.syllables')}
              value={query.syllables}
              options={syllableOptions}
              onChoose={set('syllables')}
            />
            ,
          </span>{' '}
        </>
      )}
      {t('words.using')}{' '}
      <Slot
        name={t('words.whatTheClassKnows')}
        value={query.knows ?? 'secure'}
        options={knowledgeOptions(profile)}
        onChoose={set('knows')}
      />
      {asked.flatMap((extra) =>
        present(extra).map((value, index) => (
          <span key={`${extra.name}-${index}`} className="sentence__piece">
            {index === 0 && extra === asked[0] ? ', ' : ' '}
            {extra.name === 'pattern' && index === 1 && (
              <>
                <Slot
                  name={t('words.howManyOfThePatterns')}
                  value={query.patternMatch ?? 'all'}
                  options={matchOptions}
                  onChoose={set('patternMatch')}
                />{' '}
                {t('words.these')}{' '}
              </>
            )}
            {extra.render({
              profile,
              topics,
              nameKinds,
              values: [value],
              set: (values) =>
                setAll(
                  extra.name,
                  present(extra).flatMap((each, place) => (place === index ? values : [each])),
                ),
              problem: problems[extra.name],
              fresh: added === extra.name,
            })}
            <button
              type="button"
              className="sentence__remove"
              aria-label={t('words.takeOutOfTheSearch', { label: extra.label })}
              onClick={() =>
                setAll(
                  extra.name,
                  present(extra).filter((_, place) => place !== index),
                )
              }
            >
              <BsX aria-hidden="true" />
            </button>
          </span>
        )),
      )}{' '}
      <span className="sentence__chips">
        {free && (
          <button type="button" className="ask-chip" onClick={() => setAll('sound', ['AE'])}>
            {t('words.withASound')}
          </button>
        )}
        {offered
          .filter((extra) => extra.first)
          .map((extra) => (
            <button key={extra.name} type="button" className="ask-chip" onClick={() => add(extra)}>
              + {extra.label}
            </button>
          ))}
        <Dropdown className="d-inline-block">
          <Dropdown.Toggle as="button" type="button" bsPrefix="ask-chip">
            {t('words.more')}
          </Dropdown.Toggle>
          <Dropdown.Menu aria-label={t('words.moreThatASearchCan')}>
            {offered
              .filter((extra) => !extra.first)
              .map((extra) => (
                <MenuItem key={extra.name} onChoose={() => add(extra)}>
                  {extra.label}
                </MenuItem>
              ))}
          </Dropdown.Menu>
        </Dropdown>
      </span>
    </section>
  );
}
