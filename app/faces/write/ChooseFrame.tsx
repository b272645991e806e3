import { useMemo } from 'react';
import {
  filled,
  nextSlot,
  slotsOf,
  withoutWord,
  withWord,
  wordsSoFar,
  type SentenceFrame,
} from '~core/kernel/sentence-frame';
import { partsOfSentence } from '~core/kernel/sentence-parts';
import { ChoiceGrid, type ChoiceGridRow } from './ChoiceGrid';
import { canSay } from './say-words';

/** Words of a slot that stand in one row: a switch goes through rows first. */
const ABREAST = 6;

/** A sentence whose slots are filled one after the other; each offers only what fits it. */
export function ChooseFrame({
  frame,
  value,
  onValue,
  language,
  ...rest
}: {
  frame: SentenceFrame;
  value: string;
  onValue: (value: string) => void;
  locked: boolean;
  picture: (name: string) => string;
  label: string;
  language: string;
}) {
  const open = nextSlot(frame, value);
  const all = useMemo((): ChoiceGridRow[] => {
    const choices = open === undefined ? [] : (slotsOf(frame)[open] ?? []);
    const rows = Array.from({ length: Math.ceil(choices.length / ABREAST) }, (_, at) => ({
      name: at === 0 ? 'What fits' : `What fits, row ${at + 1}`,
      kind: `slot-${at + 1}`,
      cells: choices
        .slice(at * ABREAST, (at + 1) * ABREAST)
        .map(({ word, picture }) => ({ text: word, picture })),
    }));
    return [
      ...rows,
      {
        name: 'Take back, hear',
        kind: 'end',
        cells: [
          { text: 'Take back', does: 'back' },
          ...(canSay(language) ? [{ text: 'Hear it', does: 'say' } as const] : []),
        ],
      },
    ];
  }, [frame, open, language]);
  const words = wordsSoFar(frame, value);
  const sentence = filled(frame, words);
  const parts = partsOfSentence(sentence.replaceAll('_', ''));
  let slot = -1;
  return (
    <ChoiceGrid
      {...rest}
      language={language}
      rows={all}
      parts={parts}
      onWord={(word) => onValue(withWord(frame, value, word))}
      onBack={() => onValue(withoutWord(frame, value))}
      shown={() =>
        frame.map((part, at) => {
          if (typeof part === 'string') return <span key={at}>{part}</span>;
          slot += 1;
          const word = words[slot];
          return (
            <span key={at} className={`choose-slot${slot === open ? ' choose-slot--open' : ''}`}>
              {word ?? <span className="visually-hidden">gap</span>}
            </span>
          );
        })
      }
    />
  );
}
