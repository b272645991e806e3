import { useState, type ReactNode } from 'react';
import { BsArrowReturnRight, BsBook, BsCheckLg, BsLightbulb } from 'react-icons/bs';
import { LOOK_AGAIN } from '~core/practice/hint';
import { tagOf } from '~core/practice/phrases';
import { ruleIn } from '~core/practice/rule-phrases';
import type { Verdict } from '~core/exercises/interactions/kit/verdict';
import { useItemHelp } from './item-help';
import { usePhrases } from './use-phrases';

/** Leads back to what is read. */
function InText({ item, wrong }: { item: string; wrong: boolean }) {
  const says = usePhrases();
  const { clues, after, onPlace } = useItemHelp();
  const place = (wrong ? after : clues).get(item)?.place;
  if (place === undefined || onPlace === undefined) return null;
  return (
    <button type="button" className="play-link" onClick={() => onPlace(place)}>
      <BsBook aria-hidden="true" /> {says.inText}
    </button>
  );
}

/** A rule in the learner's language, where it is written there, and beside it as it was learnt. */
function Rule({ rule }: { rule: string }) {
  const tag = tagOf(usePhrases());
  const own = ruleIn(tag, rule);
  if (own === undefined) return rule;
  return (
    <>
      <span lang={tag} dir="auto">
        {own}
      </span>{' '}
      <small className="quiet" lang="en" dir="ltr">
        {rule}
      </small>
    </>
  );
}

/** What is said of an item: right, or what to look at. */
export function Said({ verdict }: { verdict: Verdict | undefined }) {
  const says = usePhrases();
  if (verdict === undefined) return null;
  return verdict.right ? (
    <p className="play-said play-said--right" dir="auto">
      <BsCheckLg aria-hidden="true" /> {says.right}
    </p>
  ) : (
    <p className="play-said play-said--look" dir="auto">
      <BsArrowReturnRight aria-hidden="true" />{' '}
      {verdict.reason === '' || verdict.reason === LOOK_AGAIN ? (
        says.lookAgain
      ) : (
        <Rule rule={verdict.reason} />
      )}{' '}
      <InText item={verdict.item} wrong />
    </p>
  );
}

/** A clue that can be asked for before an item is answered. */
function Hint({ item }: { item: string }) {
  const says = usePhrases();
  const { clues } = useItemHelp();
  const [open, setOpen] = useState(false);
  const clue = clues.get(item);
  if (clue === undefined) return null;
  return (
    <div className="play-hint">
      <button
        type="button"
        className="play-link"
        aria-expanded={open}
        onClick={() => setOpen(!open)}
      >
        <BsLightbulb aria-hidden="true" /> {says.hint}
      </button>
      {open && (
        <p className="play-said play-said--look" dir="auto">
          {clue.text} <InText item={item} wrong={false} />
        </p>
      )}
    </div>
  );
}

/** An item with its number, and what is said of it. */
export function ItemRow({
  item,
  number,
  verdict,
  children,
}: {
  item: string;
  number: number;
  verdict: Verdict | undefined;
  children: ReactNode;
}) {
  const state =
    verdict === undefined ? '' : verdict.right ? ' play-item--right' : ' play-item--look';
  return (
    <li className={`play-item${state}`}>
      <span className="play-item__number" aria-hidden="true">
        {number}
      </span>
      <div className="play-item__body">
        {children}
        {verdict === undefined && <Hint item={item} />}
        <Said verdict={verdict} />
      </div>
    </li>
  );
}

/** What is read before an item. */
export function Passage({ text }: { text: string | undefined }) {
  if (text === undefined) return null;
  return (
    <div className="play-passage">
      {text.split('\n').map((line, index) => (
        <p key={index}>{line}</p>
      ))}
    </div>
  );
}
