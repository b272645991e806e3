import type { ReactNode } from 'react';
import { findMaker } from '~core/exercises/make-exercise';
import { GrammarChoices } from './GrammarChoices';
import { ReadingChoices } from './ReadingChoices';
import { handIds, handNames, inkNames, type Ink } from '~core/handwriting/hands';
import { letterHeights, plainRuling, rulingIds, rulingNames } from '~core/handwriting/ruling';
import { partnerKinds, partnerNames } from '~core/exercises/partners';
import { Toggle } from '~/ui/Toggle';
import { Choice } from './Choice';
import { OwnSentences, type ChoicesProps } from './OwnSentences';

export const suffixNames: Readonly<Record<string, string>> = {
  ing: '-ing',
  ed: '-ed',
  s: '-s and -es',
  er: '-er (more)',
  'er-agent': '-er (who does it)',
  est: '-est',
  ly: '-ly',
  'y-adj': '-y',
  ful: '-ful',
  less: '-less',
  ness: '-ness',
  ment: '-ment',
  tion: '-tion, -sion',
  un: 'un-',
  re: 're-',
  dis: 'dis-',
  mis: 'mis-',
  in: 'in-, im-, il-, ir-',
};

/** The steps from tracing to writing alone that are offered. */
const inkSets: readonly (readonly [string, readonly Ink[]])[] = [
  ['arrows dots grey blank', ['arrows', 'dots', 'grey', 'blank']],
  ['solid grey dots blank', ['solid', 'grey', 'dots', 'blank']],
  ['grey grey grey blank', ['grey', 'grey', 'grey', 'blank']],
  ['outline outline grey blank', ['outline', 'outline', 'grey', 'blank']],
  ['solid blank', ['solid', 'blank', 'blank']],
];

function Handwriting({ open, onSet }: ChoicesProps) {
  const { parameters } = open.part;
  const ruling = parameters.ruling;
  const set = (changed: object, label: string) =>
    onSet({ ruling: { ...plainRuling, ...ruling, ...changed } }, label);
  return (
    <>
      <Choice
        name="Hand"
        value={parameters.hand ?? 'print'}
        options={handIds.map((id) => [id, handNames[id]] as const)}
        onChoose={(hand, text) => onSet({ hand }, `Hand: ${text}`)}
      />
      {open.part.maker === 'trace-copy-write' && (
        <>
          <Toggle
            name="Each learner’s own name"
            checked={parameters.ownName === true}
            onChange={(ownName) =>
              onSet({ ownName }, ownName ? 'Traced each learner’s name' : 'Traced the words')
            }
          />
          <Choice
            name="Letters"
            value={(parameters.inks ?? inkSets[0]?.[1] ?? []).join(' ')}
            options={inkSets.map(
              ([, inks]) => [inks.join(' '), inks.map((ink) => inkNames[ink]).join(', ')] as const,
            )}
            onChoose={(inks, text) => onSet({ inks: inks.split(' ') }, `Letters: ${text}`)}
          />
        </>
      )}
      <Choice
        name="Lines"
        value={ruling?.lines ?? 'four'}
        options={rulingIds.map((id) => [id, rulingNames[id]] as const)}
        onChoose={(lines, text) => set({ lines }, `Lines: ${text}`)}
      />
      <Choice
        name="Height of a small letter"
        value={ruling?.letter ?? plainRuling.letter}
        options={letterHeights.map((height) => [height, `${height} mm`] as const)}
        onChoose={(letter, text) => set({ letter: Number(letter) }, `Letters of ${text}`)}
      />
      <Toggle
        name="Dashed line over small letters"
        checked={ruling?.dashed ?? plainRuling.dashed}
        onChange={(dashed) => set({ dashed }, dashed ? 'Dashed the line' : 'Drew a plain line')}
      />
      <Toggle
        name="Tinted band for tails"
        checked={ruling?.band ?? plainRuling.band}
        onChange={(band) => set({ band }, band ? 'Tinted the band' : 'Took the tint away')}
      />
      <Toggle
        name="For a left hand: models at the right"
        checked={ruling?.leftHanded ?? plainRuling.leftHanded}
        onChange={(leftHanded) =>
          set({ leftHanded }, leftHanded ? 'Set for a left hand' : 'Set for a right hand')
        }
      />
    </>
  );
}

/** What one maker asks for besides its words. */
export function MakerChoices({ open, onSet }: ChoicesProps): ReactNode {
  const { maker, parameters } = open.part;
  switch (maker) {
    case 'build-suffix':
    case 'sort-by-suffix-rule': {
      const options = Object.entries(suffixNames).filter(
        ([id]) => maker === 'sort-by-suffix-rule' || id !== 'ing',
      );
      return (
        <Choice
          name="Ending or beginning"
          value={parameters.suffix ?? (maker === 'build-suffix' ? 'ed' : 'ing')}
          options={options}
          onChoose={(suffix, text) => onSet({ suffix }, `Built with ${text}`)}
        />
      );
    }
    case 'sort-hard-soft':
      return (
        <Choice
          name="Letter"
          value={parameters.letter ?? 'c'}
          options={[
            ['c', 'c: cat or city'],
            ['g', 'g: goat or giant'],
          ]}
          onChoose={(letter) => onSet({ letter }, `Sorted by ${letter}`)}
        />
      );
    case 'pairs':
    case 'two-sided-cards':
      return (
        <>
          <Choice
            name="Beside the word"
            value={parameters.partner ?? 'any'}
            options={partnerKinds.map((kind) => [kind, partnerNames[kind]] as const)}
            onChoose={(partner, text) => onSet({ partner }, `Cards: the word and ${text}`)}
          />
          {maker === 'two-sided-cards' && (
            <Choice
              name="The printer turns the paper over"
              value={parameters.duplex ?? 'long'}
              options={[
                ['long', 'its long edge'],
                ['short', 'its short edge'],
              ]}
              onChoose={(duplex, text) => onSet({ duplex }, `Backs for ${text}`)}
            />
          )}
        </>
      );
    case 'dictation':
      return (
        <>
          <Choice
            name="Dictate"
            value={parameters.dictate ?? 'words'}
            options={[
              ['sounds', 'sounds'],
              ['words', 'words'],
              ['sentences', 'sentences'],
            ]}
            onChoose={(dictate) => onSet({ dictate }, `Dictated ${dictate}`)}
          />
          {parameters.dictate === 'sentences' && <OwnSentences open={open} onSet={onSet} />}
          <Handwriting open={open} onSet={onSet} />
        </>
      );
    case 'sentence-gaps':
      return (
        <>
          <OwnSentences open={open} onSet={onSet} />
          <Toggle
            name="Give a hint where two words would fit"
            checked={parameters.hints !== false}
            onChange={(hints) => onSet({ hints }, hints ? 'Gave hints' : 'Gave no hints')}
          />
        </>
      );
    case 'trace-copy-write':
    case 'writing-bank':
      return <Handwriting open={open} onSet={onSet} />;
    default: {
      const { needsText, usesSentences } = findMaker(maker);
      if (usesSentences) return <GrammarChoices open={open} onSet={onSet} />;
      return needsText ? <ReadingChoices open={open} onSet={onSet} /> : null;
    }
  }
}
