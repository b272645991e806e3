import { useMemo } from 'react';
import type { ChoiceRow } from '~core/exercises/interactions/write/task';
import {
  endMarks,
  partsOfSentence,
  withoutLast,
  withPart,
  wordKinds,
} from '~core/kernel/sentence-parts';
import { ChoiceGrid, type ChoiceGridRow } from './ChoiceGrid';
import { canSay } from './say-words';

/** A sentence written by choosing its words, one after the other. */
export function ChooseWords({
  rows,
  value,
  onValue,
  language,
  ...rest
}: {
  rows: readonly ChoiceRow[];
  value: string;
  onValue: (value: string) => void;
  locked: boolean;
  picture: (name: string) => string;
  label: string;
  language: string;
}) {
  const all = useMemo(
    (): ChoiceGridRow[] => [
      ...rows.map(({ kind, words }) => ({
        name: wordKinds[kind],
        kind,
        cells: words.map(({ word, picture }) => ({ text: word, picture })),
      })),
      {
        name: 'End, take back, hear',
        kind: 'end',
        cells: [
          ...endMarks.map((text) => ({ text })),
          { text: 'Take back', does: 'back' },
          ...(canSay(language) ? [{ text: 'Hear it', does: 'say' } as const] : []),
        ],
      },
    ],
    [rows, language],
  );
  const parts = partsOfSentence(value);
  return (
    <ChoiceGrid
      {...rest}
      language={language}
      rows={all}
      parts={parts}
      onWord={(word) => onValue(withPart(value, word))}
      onBack={() => onValue(withoutLast(value))}
      shown={(lit) =>
        parts.length === 0 ? (
          <span className="quiet">Choose the first word.</span>
        ) : (
          parts.map((part, at) => (
            <span key={at} className={at === lit ? 'choose-words__said' : ''}>
              {part}{' '}
            </span>
          ))
        )
      }
    />
  );
}
