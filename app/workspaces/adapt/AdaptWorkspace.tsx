import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { BsArrowRight } from 'react-icons/bs';
import { Link, useFetcher, useNavigate } from 'react-router';
import { scaleOf } from '~core/classes/class-level';
import type { ClassProfile } from '~core/classes/class-profile';
import type { AdaptedPart, Exchange } from '~core/lessons/adapt-lesson';
import { forbidsChanges, rightsOf } from '~core/kernel/licence';
import { partsOf, type Lesson } from '~core/records/lesson';
import type { ActionAnswer } from '~/routes/action-answer';

const keyOf = ({ part, from }: Exchange) => `${part} ${from}`;

/** What an exercise has now, and what it would have, side by side. */
function Part({
  adapted,
  refused,
  onRefuse,
}: {
  adapted: AdaptedPart;
  refused: ReadonlySet<string>;
  onRefuse: (key: string) => void;
}) {
  const { title, before, exchanges, kept, short } = adapted;
  const exchangeOf = (word: string) => exchanges.find(({ from }) => from === word);
  const stays = exchanges.length === 0 && kept.length === 0;
  return (
    <section className="card-paper mb-3" aria-label={title}>
      <h2 className="h6">{title}</h2>
      {short && <p className="message message--note">{short}</p>}
      {before.length === 0 ? (
        <p className="quiet small mb-0">
          It is made from a text or from sentences: they stay as they are.
        </p>
      ) : (
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
      {stays && !short && before.length > 0 && (
        <p className="quiet small mb-0">Every word is within reach.</p>
      )}
    </section>
  );
}

/** A lesson given to another class: before and after side by side, word for word, then a copy. */
export function AdaptWorkspace({
  lesson,
  profile,
  classes,
  target,
  parts,
}: {
  lesson: Lesson;
  profile: ClassProfile;
  classes: readonly ClassProfile[];
  target: ClassProfile | undefined;
  parts: readonly AdaptedPart[];
}) {
  const navigate = useNavigate();
  const fetcher = useFetcher<ActionAnswer>();
  const rights = rightsOf(lesson, profile);
  const closed = forbidsChanges(rights.licence);
  // What may not be changed is not changed unasked.
  const [refused, setRefused] = useState<ReadonlySet<string>>(
    new Set(closed ? parts.flatMap(({ exchanges }) => exchanges.map(keyOf)) : []),
  );
  const taken = parts
    .flatMap(({ exchanges }) => exchanges)
    .filter((exchange) => !refused.has(keyOf(exchange)));
  const lastTime = lesson.stages.filter(({ reflection }) => reflection?.trim());
  const others = partsOf(lesson).length - parts.length;
  const problem = fetcher.data && !fetcher.data.ok ? fetcher.data.message : undefined;
  return (
    <div className="page">
      <p className="mb-1">
        <Link to={`/lessons/${lesson.id}`}>{lesson.title}</Link>
      </p>
      <div className="d-flex flex-wrap gap-3 align-items-center mb-3">
        <h1 className="mb-0 me-auto">For another class</h1>
        <select
          className="form-select w-auto"
          aria-label="For which class"
          value={target?.id ?? ''}
          onChange={(event) => void navigate(`?to=${event.currentTarget.value}`)}
        >
          <option value="">choose a class …</option>
          {classes.map((each) => (
            <option key={each.id} value={each.id}>
              {each.name} · {scaleOf(each.level).name}
            </option>
          ))}
        </select>
        {target && (
          <Button
            disabled={fetcher.state !== 'idle'}
            onClick={() =>
              void fetcher.submit({ to: target.id, exchanges: taken } as never, {
                method: 'post',
                encType: 'application/json',
              })
            }
          >
            Make it for {target.name}
          </Button>
        )}
      </div>
      {problem && (
        <p className="message" role="alert">
          {problem}
        </p>
      )}
      {classes.length === 0 && (
        <p>
          {profile.name} is the only class. <Link to="/classes">Make another</Link> first.
        </p>
      )}
      {target && (
        <>
          <p role="status">
            {taken.length === 0
              ? `Nothing is exchanged: ${target.name} get it as it is.`
              : `${taken.length} ${taken.length === 1 ? 'word is' : 'words are'} exchanged for ${target.name}.`}
            {others > 0 &&
              ` ${others} ${others === 1 ? 'note or sheet stays' : 'notes and sheets stay'} as written.`}{' '}
            Paper, spelling, sizes and font are theirs. What was handed in, and whom the lesson
            looked to, stays with {profile.name}.
          </p>
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
          {parts.map((adapted) => (
            <Part
              key={adapted.part}
              adapted={adapted}
              refused={refused}
              onRefuse={(key) => {
                const next = new Set(refused);
                if (!next.delete(key)) next.add(key);
                setRefused(next);
              }}
            />
          ))}
          {parts.length === 0 && <p className="quiet">The lesson has no exercise yet.</p>}
        </>
      )}
    </div>
  );
}
