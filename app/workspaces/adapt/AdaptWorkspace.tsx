import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { BsArrowRight } from 'react-icons/bs';
import { Link, useFetcher } from 'react-router';
import { scaleOf } from '~core/classes/class-level';
import type { ClassProfile } from '~core/classes/class-profile';
import type { AdaptedPart, Exchange } from '~core/lessons/adapt-lesson';
import { makerInfo } from '~core/exercises/catalogue';
import { saidAtHome } from '~core/exercises/making/said-at-home';
import { languageName } from '~/ui/language-name';
import { accentNames } from '~core/kernel/accent';
import { forbidsChanges, rightsOf } from '~core/kernel/licence';
import { papers } from '~core/kernel/paper-size';
import { spellings } from '~core/kernel/spelling';
import { languageNames } from '~core/languages/registry/registry';
import { newClassLike } from '~core/lessons/adapted-class';
import { sheetStyle } from '~core/paper/style';
import { partsOf, type Lesson } from '~core/records/lesson';
import type { ActionAnswer } from '~/routes/action-answer';
import { ForWhom } from './ForWhom';
import { textKey, TextSides, type AdaptedText } from './TextSides';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

const keysOf = (text: AdaptedText) => text.exchanges.map((each) => textKey(text, each));
const keyOf = ({ part, from }: Exchange) => `${part} ${from}`;

/** What an exercise has now, and what it would have, side by side. */
function Part({
  adapted,
  refused,
  onRefuse,
  checked,
}: {
  adapted: AdaptedPart;
  refused: ReadonlySet<string>;
  onRefuse: (key: string) => void;
  /** The words were looked at: they are of the language of the class. */
  checked: boolean;
}) {
  const { title, before, exchanges, kept, short } = adapted;
  const exchangeOf = (word: string) => exchanges.find(({ from }) => from === word);
  const stays = exchanges.length === 0 && kept.length === 0;
  return (
    <section className="card-paper mb-3" aria-label={title}>
      <h2 className="h6">{title}</h2>
      {short && <p className="message message--note">{short}</p>}
      {before.length > 0 && (
        <div className="adapt-sides">
          <div>
            <h3 className="small quiet">{t('adapt.now')}</h3>
            <p className="learner-text">
              {before.map((word) => (
                <span key={word} className={exchangeOf(word) ? 'adapt-word--goes' : ''}>
                  {word}
                </span>
              ))}
            </p>
          </div>
          <BsArrowRight aria-hidden="true" />
          <div>
            <h3 className="small quiet">{t('adapt.then')}</h3>
            <p className="learner-text">
              {before.map((word) => {
                const exchange = exchangeOf(word);
                const taken = exchange && !refused.has(keyOf(exchange));
                return (
                  <span key={word} className={taken ? 'adapt-word--new' : ''}>
                    {taken ? exchange.to : word}
                  </span>
                );
              })}
            </p>
          </div>
        </div>
      )}
      {exchanges.length > 0 && (
        <div className="adapt-exchanges">
          {exchanges.map((exchange) => (
            <label key={keyOf(exchange)} className="behaviour__tick">
              <input
                type="checkbox"
                className="form-check-input"
                checked={!refused.has(keyOf(exchange))}
                onChange={() => onRefuse(keyOf(exchange))}
              />
              {t('adapt.for', { to: exchange.to, from: exchange.from })}
            </label>
          ))}
        </div>
      )}
      {kept.length > 0 && (
        <p className="message message--note mb-0 mt-2">
          {t('adapt.pastTheReachOfThe2', { kept: kept.join(', ') })}
        </p>
      )}
      {checked && stays && !short && before.length > 0 && (
        <p className="quiet small mb-0">{t('adapt.everyWordIsWithinReach')}</p>
      )}
    </section>
  );
}

/** How the paper of the two classes differs: what changes by itself. */
function changesByItself(profile: ClassProfile, target: ClassProfile): string[] {
  const points = (size: number) => t('adapt.points', { size: Math.round((size * 72) / 25.4) });
  const [now, then] = [profile, target].map((each) => ({
    level: coreName(scaleOf(each.level).name),
    letters: points(sheetStyle(each).body),
    paper: papers[each.paper].name,
    font: each.font,
    spelling: spellings[each.spelling],
    accent: coreName(accentNames[each.accent]),
  }));
  if (now === undefined || then === undefined) return [];
  const names = {
    level: t('adapt.level'),
    letters: t('adapt.lettersOnPaper'),
    paper: t('adapt.paper'),
    font: t('adapt.font'),
    spelling: t('adapt.spelling'),
    accent: t('adapt.accent'),
  } as const;
  return (Object.keys(names) as (keyof typeof names)[])
    .filter((name) => now[name] !== then[name])
    .map((name) => `${names[name]}: ${now[name]} → ${then[name]}`);
}

export interface AdaptWorkspaceProps {
  /** The lesson, or one exercise of it by itself. */
  readonly lesson: Lesson;
  readonly of: Lesson;
  readonly profile: ClassProfile;
  readonly classes: readonly ClassProfile[];
  readonly lists: readonly { readonly id: string; readonly name: string }[];
  /** Undefined until somebody is chosen. */
  readonly refitted:
    | {
        readonly base: ClassProfile;
        /** The class as the lesson would meet it. */
        readonly target: ClassProfile;
        /** True where that is not as the class is. */
        readonly another: boolean;
      }
    | undefined;
  readonly parts: readonly AdaptedPart[];
  readonly texts: readonly AdaptedText[];
  /** Instructions and titles in the teacher's own words. */
  readonly own: readonly string[];
  /** The language of the learners' homes for a line under each instruction. */
  readonly home: string | undefined;
}

/** A lesson for another class, level, spelling, accent or list: before and after side by side, then a copy. */
export function AdaptWorkspace(props: AdaptWorkspaceProps) {
  const { lesson, of, profile, classes, lists, refitted, parts, texts, own, home } = props;
  const { base, target, another = false } = refitted ?? {};
  const fetcher = useFetcher<ActionAnswer>();
  const rights = rightsOf(of, profile);
  const closed = forbidsChanges(rights.licence);
  const all = [...parts.flatMap(({ exchanges }) => exchanges.map(keyOf)), ...texts.flatMap(keysOf)];
  // What may not be changed is not changed unasked.
  // Nor are the words of a poem, which were chosen for more than their meaning.
  const [refused, setRefused] = useState<ReadonlySet<string>>(
    new Set(closed ? all : texts.filter(({ verse }) => verse).flatMap(keysOf)),
  );
  const [asNewClass, setAsNewClass] = useState(true);
  const refuse = (key: string) => {
    const next = new Set(refused);
    if (!next.delete(key)) next.add(key);
    setRefused(next);
  };
  const taken = parts
    .flatMap(({ exchanges }) => exchanges)
    .filter((exchange) => !refused.has(keyOf(exchange)));
  const inTexts = Object.fromEntries(
    texts.map((text) => [
      text.id,
      text.exchanges.filter((each) => !refused.has(textKey(text, each))),
    ]),
  );
  const count = taken.length + Object.values(inTexts).flat().length;
  const foreign = base !== undefined && base.language !== profile.language;
  const follows = ({ before, short }: AdaptedPart) => before.length === 0 && short === undefined;
  const [following, worded] = [parts.filter(follows), parts.filter((each) => !follows(each))];
  const [firstPart] = partsOf(lesson).filter(({ kind }) => kind === 'exercise');
  const said =
    firstPart &&
    saidAtHome(home, {
      maker: firstPart.maker,
      interaction: makerInfo(firstPart.maker)?.interaction ?? 'write',
    })?.text;
  const lastTime = lesson.stages.filter(({ reflection }) => reflection?.trim());
  const others = partsOf(lesson).length - parts.length;
  const problem = fetcher.data && !fetcher.data.ok ? fetcher.data.message : undefined;
  const fresh = another && asNewClass;
  const name = base && target && (fresh ? newClassLike(base, target, 'new').name : base.name);
  const byItself = target ? changesByItself(profile, target) : [];
  return (
    <div className="page">
      <p className="mb-1">
        <Link to={`/lessons/${of.id}`}>{of.title}</Link>
      </p>
      <div className="d-flex flex-wrap gap-3 align-items-center mb-3">
        <h1 className="mb-0 me-auto">
          {lesson === of ? t('adapt.forAnotherClass') : lesson.title}
        </h1>
        {name !== undefined && (
          <Button
            disabled={fetcher.state !== 'idle'}
            onClick={() =>
              void fetcher.submit(
                { exchanges: taken, texts: inTexts, asNewClass: fresh } as never,
                { method: 'post', encType: 'application/json' },
              )
            }
          >
            {t('adapt.makeItFor', { name })}
          </Button>
        )}
      </div>
      <ForWhom {...{ profile, base, target, classes, lists, home }} />
      {problem && (
        <p className="message" role="alert">
          {problem}
        </p>
      )}
      {!base && (
        <p className="quiet">
          {t('adapt.chooseAClassAndWhat')}
          {classes.length === 1 && (
            <>
              {' '}
              {t('adapt.isTheOnlyOne', { name: profile.name })}{' '}
              <Link to="/classes">{t('adapt.makeAnother')}</Link>
              {t('adapt.orTakeThisOneAt')}
            </>
          )}
        </p>
      )}
      {base && target && (
        <>
          {another && (
            <fieldset className="mb-3">
              <legend className="h6">{t('adapt.whereItIsKept')}</legend>
              <label className="behaviour__tick">
                <input
                  type="radio"
                  className="form-check-input"
                  name="where"
                  checked={asNewClass}
                  onChange={() => setAsNewClass(true)}
                />
                {t('adapt.inANewClassSentences', { name: newClassLike(base, target, 'new').name })}
              </label>
              <label className="behaviour__tick">
                <input
                  type="radio"
                  className="form-check-input"
                  name="where"
                  checked={!asNewClass}
                  onChange={() => setAsNewClass(false)}
                />
                {t('adapt.inTheseWordsAndTexts', { name: base.name })}
              </label>
            </fieldset>
          )}
          <p role="status">
            {count === 0
              ? t('adapt.nothingIsExchangedGetIt', { name: String(name) })
              : t('adapt.wordIsExchangedFor', { count, name: String(name) })}
            {others > 0 && t('adapt.noteOrSheetStaysAs', { count: others })}{' '}
            {t('adapt.whatWasHandedInAnd', { name: profile.name })}
          </p>
          {byItself.length > 0 && (
            <ul className="adapt-itself" aria-label={t('adapt.changesByItself')}>
              {byItself.map((each) => (
                <li key={each}>{each}</li>
              ))}
            </ul>
          )}
          {own.length > 0 && (
            <p className="message message--note" role="note">
              {t('adapt.lookWhetherTheySuit', {
                which:
                  home === undefined
                    ? t('adapt.inYourOwnWordsAnd')
                    : t('adapt.inYourOwnWordsWrite', {
                        languageName: coreName(languageName(home)),
                      }),
                own: own.map((each) => `“${each}”`).join(', '),
              })}{' '}
              {name}.
            </p>
          )}
          {home !== undefined && (
            <p role="note">
              {t('adapt.aLineInStandsUnder', { languageName: coreName(languageName(home)) })}
              {said !== undefined && (
                <>
                  : “<span lang={home}>{said}</span>”
                </>
              )}
              {t('adapt.buttonsAndFeedbackComeIn')}
            </p>
          )}
          {closed && (
            <p className="message message--note" role="note">
              {t('adapt.itsLicence')}
              {rights.licence}
              {t('adapt.letsCopiesBeGivenOn', {
                which: rights.author
                  ? t('adapt.askFirstOr', { author: rights.author })
                  : t('adapt.askItsAuthorFirstOr'),
              })}
            </p>
          )}
          {lastTime.length > 0 && (
            <section className="card-paper mb-3" aria-label={t('adapt.fromLastTime')}>
              <h2 className="h6">{t('adapt.fromLastTime')}</h2>
              {lastTime.map(({ id, reflection }) => (
                <p key={id} className="mb-1">
                  {reflection}
                </p>
              ))}
            </section>
          )}
          {foreign && (
            <p className="message message--note" role="note">
              {t('adapt.theLessonIsIn')}{' '}
              {coreName(languageNames()[profile.language] ?? profile.language)}
              {t('adapt.andLearn', { name: base.name })}{' '}
              {coreName(languageNames()[base.language] ?? base.language)}
              {t('adapt.itsWordsStayAndAn')}{' '}
              {coreName(languageNames()[base.language] ?? base.language)} {t('adapt.isNamedBelow')}
            </p>
          )}
          {worded.map((adapted) => (
            <Part
              key={adapted.part}
              adapted={adapted}
              refused={refused}
              onRefuse={refuse}
              checked={!foreign}
            />
          ))}
          {following.length > 0 && (
            <p>
              {t('adapt.madeFromATextOr', {
                following: following.map(({ title }) => title).join(', '),
              })}
            </p>
          )}
          {texts.map((text) => (
            <TextSides key={text.id} text={text} refused={refused} onRefuse={refuse} />
          ))}
          {parts.length === 0 && <p className="quiet">{t('adapt.thereIsNoExerciseIn')}</p>}
        </>
      )}
    </div>
  );
}
