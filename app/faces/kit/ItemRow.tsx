import type { ReactNode } from 'react';
import { BsArrowReturnRight, BsCheckLg } from 'react-icons/bs';
import { LOOK_AGAIN } from '~core/practice/hint';
import type { Verdict } from '~core/exercises/interactions/kit/verdict';

import { usePhrases } from './use-phrases';

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
      {verdict.reason === '' || verdict.reason === LOOK_AGAIN ? says.lookAgain : verdict.reason}
    </p>
  );
}

/** An item with its number, and what is said of it. */
export function ItemRow({
  number,
  verdict,
  children,
}: {
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
