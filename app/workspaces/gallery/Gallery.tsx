import { useCallback, useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { Button } from 'react-bootstrap';
import { BsShuffle, BsStar, BsStarFill } from 'react-icons/bs';
import { Link } from 'react-router';
import { makerInfo, type MakerInfo } from '~core/exercises/catalogue';
import type { Fit } from '~core/exercises/fits-best';
import { makerGroups } from '~core/exercises/making/maker-group';
import type { BlockKind } from '~core/sheets/blocks/sheet-block';
import { findBlocksByWords } from '~core/sheets/blocks/find-blocks';
import { findMakersByWords } from '~core/exercises/teacher-words';
import { speaks } from '~core/languages/registry/registry';
import { PaperPage } from '~/ui/PaperPage';
import type { PartContext, PartRecipe } from '~/workers/part-maker';
import { filterGroups, passes } from './filters';
import { recent, starred, toggleStar } from './favourites';
import { factsOf, GalleryCard } from './GalleryCard';
import { usePreviews } from './use-previews';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

/** What is taken from the gallery. */
export interface Taken {
  readonly maker: string;
  readonly name: string;
  readonly words: readonly string[];
  readonly seed: number;
}

export interface GalleryProps {
  readonly title: string;
  /** Where Close goes. */
  readonly back: string;
  readonly context: PartContext;
  readonly words: readonly string[];
  /** The text that is asked about, and its title. */
  readonly text?: { readonly id: string; readonly title: string } | undefined;
  /** Of the material, where it is not the class's own. */
  readonly language?: string;
  /** Exercises from texts alone. */
  readonly textOnly?: boolean;
  readonly fits: readonly Fit[];
  readonly onTake: (taken: Taken) => void;
  /** Takes a block of a sheet that was found beside the exercises; undefined where none can be. */
  readonly onBlock?: (kind: BlockKind) => void;
  readonly problem?: string | undefined;
  /** What is sought at first. */
  readonly find?: string;
}

const BEST = t('gallery.fitsBest');
const RECENT = t('gallery.usedLast');
const STARRED = t('gallery.starred2');

/** The exercises of one heading of the left. */
function sectionOf(
  group: string,
  found: readonly MakerInfo[],
  fits: readonly Fit[],
  stars: readonly string[],
): readonly MakerInfo[] {
  const named = (ids: readonly string[]) =>
    ids.flatMap((id) => found.find((info) => info.id === id) ?? []);
  if (group === BEST) return named(fits.map(({ maker }) => maker));
  if (group === RECENT) return named(recent());
  if (group === STARRED) return named(stars);
  return found.filter((info) => info.group === group);
}

/** Steps of the arrow keys through cards in rows. */
function stepOf(key: string, buttons: readonly HTMLElement[], at: number): number {
  if (key === 'ArrowRight') return 1;
  if (key === 'ArrowLeft') return -1;
  const top = (index: number) => buttons[index]?.closest('li')?.offsetTop ?? 0;
  const abreast = Math.max(
    1,
    buttons.findIndex((_, index) => index > 0 && top(index) > top(0)),
  );
  if (key === 'ArrowDown') return at + abreast < buttons.length ? abreast : 0;
  return key === 'ArrowUp' && at - abreast >= 0 ? -abreast : 0;
}

/** Every exercise as a small page of the class's own material; one of them large, to be taken. */
export function Gallery(props: GalleryProps) {
  const {
    title,
    back,
    context,
    words,
    text,
    textOnly = false,
    fits,
    onTake,
    onBlock,
    problem,
    find = '',
  } = props;
  const { language = context.profile.language } = props;
  const [typed, setTyped] = useState(find);
  const [group, setGroup] = useState<string>(fits.length > 0 ? BEST : makerGroups[0]);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [stars, setStars] = useState<readonly string[]>([]);
  const [selected, setSelected] = useState<string | undefined>(fits[0]?.maker);
  const [seeds, setSeeds] = useState<Readonly<Record<string, number>>>({});
  const list = useRef<HTMLDivElement>(null);
  // What this browser keeps is not there while the page is made.
  useEffect(() => setStars(starred()), []);
  const recipeOf = useCallback(
    (maker: string): PartRecipe => {
      const info = makerInfo(maker);
      // What can do without a text is asked about it where there are no words to use.
      const reads = info?.needsText === true || (info?.group === 'Reading' && words.length === 0);
      return {
        maker,
        words: info?.needsText ? [] : words,
        parameters: reads && text ? { textId: text.id } : {},
        seed: seeds[maker] ?? 1,
      };
    },
    [words, text, seeds],
  );
  const { previews, ask } = usePreviews(recipeOf, context);
  const offered = useMemo(
    () =>
      findMakersByWords(typed, language, coreName).filter(
        (info) => !textOnly || info.parameters['textId'] !== undefined,
      ),
    [typed, language, textOnly],
  );
  const found = offered.filter((info) => passes(chosen, info, previews.get(info.id)));
  const searching = typed.trim() !== '';
  const blocks = onBlock ? findBlocksByWords(typed) : [];
  const shown = searching ? found : sectionOf(group, found, fits, stars);
  const large = selected === undefined ? undefined : makerInfo(selected);
  const preview = selected === undefined ? undefined : previews.get(selected);
  // What is shown large is one of those in sight.
  const [first] = shown;
  const inSight = shown.some(({ id }) => id === selected);
  useEffect(() => {
    if (!inSight && first !== undefined) setSelected(first.id);
  }, [inSight, first]);
  useEffect(() => {
    if (selected !== undefined) ask(selected);
  }, [selected, ask, recipeOf]);
  const take = (maker: string, given = words) => {
    const info = makerInfo(maker);
    if (info === undefined) return;
    onTake({ maker, name: info.name, words: info.needsText ? [] : given, seed: seeds[maker] ?? 1 });
  };
  const onKey = (event: KeyboardEvent) => {
    if (!event.key.startsWith('Arrow')) return;
    const buttons = [...(list.current?.querySelectorAll<HTMLElement>('[data-maker]') ?? [])];
    const at = buttons.findIndex((button) => button === document.activeElement);
    if (at < 0) return;
    event.preventDefault();
    buttons[at + stepOf(event.key, buttons, at)]?.focus();
  };
  const headings = [BEST, ...makerGroups, RECENT, STARRED].filter(
    (name) => name !== BEST || fits.length > 0,
  );
  const why = fits.find(({ maker }) => maker === selected)?.why ?? [];
  return (
    <div className="gallery">
      <header className="gallery__head">
        <h1>{title}</h1>
        <input
          type="search"
          className="form-control"
          aria-label={t('gallery.findAnExercise')}
          placeholder={t('gallery.flashCardsRhymeGaps')}
          value={typed}
          onChange={(event) => setTyped(event.currentTarget.value)}
        />
        <Link className="btn btn-outline-dark" to={back}>
          {t('gallery.close')}
        </Link>
      </header>
      {problem && (
        <p className="message" role="alert">
          {problem}
        </p>
      )}
      <nav className="gallery__groups" aria-label={t('gallery.groupsOfExercises')}>
        <ul>
          {headings.map((name) => {
            const count = sectionOf(name, found, fits, stars).length;
            return (
              <li key={name}>
                <button
                  type="button"
                  aria-pressed={!searching && group === name}
                  onClick={() => {
                    setTyped('');
                    setGroup(name);
                  }}
                >
                  {coreName(name)} <small>{count}</small>
                </button>
              </li>
            );
          })}
        </ul>
        {filterGroups.map(({ name, filters }) => (
          <fieldset key={name}>
            <legend>{name}</legend>
            {filters.map(({ id, label }) => (
              <label key={id}>
                <input
                  type="checkbox"
                  checked={chosen.has(id)}
                  onChange={(event) => {
                    const next = new Set(chosen);
                    if (event.currentTarget.checked) next.add(id);
                    else next.delete(id);
                    setChosen(next);
                  }}
                />{' '}
                {label}
              </label>
            ))}
          </fieldset>
        ))}
      </nav>
      {/* Arrow keys move among the cards, which are buttons themselves. */}
      {/* eslint-disable-next-line jsx-a11y/no-static-element-interactions */}
      <div className="gallery__found" ref={list} onKeyDown={onKey}>
        <p className="gallery__says" role="status">
          {searching
            ? t('gallery.for', {
                exercises: t('gallery.exercises', { count: shown.length }),
                which:
                  blocks.length > 0 ? t('gallery.andPartsOfASheet', { count: blocks.length }) : '',
                typed: typed.trim(),
              })
            : group === BEST
              ? textOnly
                ? t('gallery.thoseThatFindMostTo')
                : t('gallery.thoseThatUseTheseWords')
              : coreName(group)}
        </p>
        {!speaks(language, 'words') && (
          <p className="quiet small">
            {speaks(language, 'spelling rules')
              ? t('gallery.exercisesOnWhatWordsMean')
              : t('gallery.exercisesWithSoundsSpellingsAnd')}
          </p>
        )}
        {blocks.length > 0 && (
          <ul className="gallery__blocks" aria-label={t('gallery.forASheetOfYour')}>
            {blocks.map(({ kind, name, says }) => (
              <li key={kind}>
                <span>
                  <strong>{name}</strong> {says}
                </span>
                <Button
                  variant="outline-dark"
                  aria-label={t('gallery.putItOnASheet', { name })}
                  onClick={() => onBlock?.(kind)}
                >
                  {t('gallery.putItOnASheet2')}
                </Button>
              </li>
            ))}
          </ul>
        )}
        {shown.length === 0 && blocks.length === 0 && (
          <p className="quiet">
            {searching
              ? t('gallery.noExerciseIsCalledThat')
              : group === STARRED
                ? t('gallery.starAnExerciseThatYou')
                : group === RECENT
                  ? t('gallery.whatYouAddStandsHere')
                  : t('gallery.nothingHerePassesWhatYou')}
          </p>
        )}
        <ul className="gallery__cards">
          {shown.map((info) => (
            <GalleryCard
              key={info.id}
              info={info}
              preview={previews.get(info.id)}
              selected={info.id === selected}
              star={stars.includes(info.id)}
              onSeen={ask}
              onSelect={setSelected}
              onTake={take}
            />
          ))}
        </ul>
      </div>
      <aside className="gallery__large" aria-label={t('gallery.theExerciseShownLarge')}>
        {large === undefined || !inSight ? (
          <p className="quiet">{t('gallery.pointAtAnExerciseTo')}</p>
        ) : (
          <>
            <h2>{coreName(large.name)}</h2>
            <div className="gallery__page">
              {preview === undefined ? (
                <span className="gallery-card__wait" />
              ) : preview.missing !== undefined ? (
                <p className="gallery__missing">{preview.missing}</p>
              ) : (
                <PaperPage
                  marks={preview.marks}
                  paper={preview.paper}
                  font={preview.font}
                  colour={preview.colour}
                  label={t('gallery.page1', { name: coreName(large.name) })}
                />
              )}
            </div>
            <div className="gallery__take">
              {preview?.missing === undefined ? (
                <Button disabled={preview === undefined} onClick={() => take(large.id)}>
                  {t('gallery.addIt')}
                </Button>
              ) : preview.brings ? (
                <Button onClick={() => take(large.id, preview.brings)}>
                  {t('gallery.bringWordsAndAddIt', { brings: preview.brings.length })}
                </Button>
              ) : large.needsText && text === undefined ? (
                <Link className="btn btn-primary" to="/texts">
                  {t('gallery.bringAText')}
                </Link>
              ) : (
                <Button variant="outline-dark" onClick={() => take(large.id)}>
                  {t('gallery.addItAndSetIt')}
                </Button>
              )}
              <Button
                variant="outline-dark"
                aria-label={t('gallery.otherItems')}
                title={t('gallery.otherItems')}
                onClick={() => setSeeds({ ...seeds, [large.id]: Math.floor(Math.random() * 1e6) })}
              >
                <BsShuffle aria-hidden="true" />
              </Button>
              <Button
                variant="outline-dark"
                aria-label={t('gallery.starIt')}
                aria-pressed={stars.includes(large.id)}
                title={t('gallery.starIt')}
                onClick={() => setStars(toggleStar(large.id))}
              >
                {stars.includes(large.id) ? (
                  <BsStarFill aria-hidden="true" />
                ) : (
                  <BsStar aria-hidden="true" />
                )}
              </Button>
            </div>
            <p>{coreName(large.description)}</p>
            {why.length > 0 && (
              <p className="small">{t('gallery.fits', { why: why.join(', ') })}</p>
            )}
            {preview?.missing === undefined && preview !== undefined && (
              <>
                <p className="small mb-1">{factsOf(preview)}</p>
                {preview.notes.slice(0, 3).map((note) => (
                  <p key={note} className="small mb-1">
                    {note}
                  </p>
                ))}
              </>
            )}
            {preview?.missing !== undefined && preview.brings && (
              <p className="small learner-text">{preview.brings.join(', ')}</p>
            )}
          </>
        )}
      </aside>
    </div>
  );
}
