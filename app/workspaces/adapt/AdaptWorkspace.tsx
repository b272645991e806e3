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
            <h3 className="small quiet">Now</h3>
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
            <h3 className="small quiet">Then</h3>
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
              {exchange.to} for {exchange.from}
            </label>
          ))}
        </div>
      )}
      {kept.length > 0 && (
        <p className="message message--note mb-0 mt-2">
          Past the reach of the class, and no other word keeps the aim: {kept.join(', ')}. They
          stay; change them in the copy, or leave them out.
        </p>
      )}
      {checked && stays && !short && before.length > 0 && (
        <p className="quiet small mb-0">Every word is within reach.</p>
      )}
    </section>
  );
}

/** How the paper of the two classes differs: what changes by itself. */
function changesByItself(profile: ClassProfile, target: ClassProfile): string[] {
  const points = (size: number) => `${Math.round((size * 72) / 25.4)} points`;
  const [now, then] = [profile, target].map((each) => ({
    level: scaleOf(each.level).name,
    letters: points(sheetStyle(each).body),
    paper: papers[each.paper].name,
    font: each.font,
    spelling: spellings[each.spelling],
    accent: accentNames[each.accent],
  }));
  if (now === undefined || then === undefined) return [];
  const names = {
    level: 'Level',
    letters: 'Letters on paper',
    paper: 'Paper',
    font: 'Font',
    spelling: 'Spelling',
    accent: 'Accent',
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
        <h1 className="mb-0 me-auto">{lesson === of ? 'For another class' : lesson.title}</h1>
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
            Make it for {name}
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
          Choose a class, and what would change is shown here before anything is made.
          {classes.length === 1 && (
            <>
              {' '}
              {profile.name} is the only one: <Link to="/classes">make another</Link>, or take this
              one at another level.
            </>
          )}
        </p>
      )}
      {base && target && (
        <>
          {another && (
            <fieldset className="mb-3">
              <legend className="h6">Where it is kept</legend>
              <label className="behaviour__tick">
                <input
                  type="radio"
                  className="form-check-input"
                  name="where"
                  checked={asNewClass}
                  onChange={() => setAsNewClass(true)}
                />
                In a new class “{newClassLike(base, target, 'new').name}”: sentences, sounds and
                paper follow, too
              </label>
              <label className="behaviour__tick">
                <input
                  type="radio"
                  className="form-check-input"
                  name="where"
                  checked={!asNewClass}
                  onChange={() => setAsNewClass(false)}
                />
                In {base.name}: these words and texts change; what Wordane writes itself follows{' '}
                {base.name}
              </label>
            </fieldset>
          )}
          <p role="status">
            {count === 0
              ? `Nothing is exchanged: ${name} get it as it is.`
              : `${count} ${count === 1 ? 'word is' : 'words are'} exchanged for ${name}.`}
            {others > 0 &&
              ` ${others} ${others === 1 ? 'note or sheet stays' : 'notes and sheets stay'} as written.`}{' '}
            What was handed in, and whom the lesson looked to, stays with {profile.name}.
          </p>
          {byItself.length > 0 && (
            <ul className="adapt-itself" aria-label="Changes by itself">
              {byItself.map((each) => (
                <li key={each}>{each}</li>
              ))}
            </ul>
          )}
          {own.length > 0 && (
            <p className="message message--note" role="note">
              {home === undefined
                ? 'In your own words, and left so'
                : `In your own words: write them in ${languageName(home)} yourself, under the line that Wordane adds`}
              : {own.map((each) => `“${each}”`).join(', ')}. Look whether they suit {name}.
            </p>
          )}
          {home !== undefined && (
            <p role="note">
              A line in {languageName(home)} stands under each instruction
              {said !== undefined && (
                <>
                  : “<span lang={home}>{said}</span>”
                </>
              )}
              . Buttons and feedback come in it on a take-home that is given in this language.
            </p>
          )}
          {closed && (
            <p className="message message--note" role="note">
              Its licence ({rights.licence}) lets copies be given on, but not changed ones
              {rights.author
                ? `: ask ${rights.author} first, or`
                : ': ask its author first, or'}{' '}
              give it as it is. Nothing is exchanged unless you choose it.
            </p>
          )}
          {lastTime.length > 0 && (
            <section className="card-paper mb-3" aria-label="From last time">
              <h2 className="h6">From last time</h2>
              {lastTime.map(({ id, reflection }) => (
                <p key={id} className="mb-1">
                  {reflection}
                </p>
              ))}
            </section>
          )}
          {foreign && (
            <p className="message message--note" role="note">
              The lesson is in {languageNames()[profile.language]}, and {base.name} learn{' '}
              {languageNames()[base.language]}: its words stay, and an exercise that there is not in{' '}
              {languageNames()[base.language]} is named below.
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
              Made from a text or from sentences, so they follow the text below, or the class:{' '}
              {following.map(({ title }) => title).join(', ')}.
            </p>
          )}
          {texts.map((text) => (
            <TextSides key={text.id} text={text} refused={refused} onRefuse={refuse} />
          ))}
          {parts.length === 0 && <p className="quiet">There is no exercise in it yet.</p>}
        </>
      )}
    </div>
  );
}
