import { tracedInks } from '~core/exercises/making/traced';
import { inkNames, type Ink } from '~core/paper/hands';
import {
  letterHeights,
  plainRuling,
  rulingIds,
  rulingNames,
  type Ruling,
} from '~core/paper/ruling';
import { Toggle } from '~/ui/Toggle';
import { Choice } from './Choice';
import type { PanelProps } from './panel-props';

interface NamedProps extends PanelProps {
  readonly name: string;
}

/** The steps from tracing to writing alone that are offered. */
const inkSets: readonly (readonly Ink[])[] = [
  ['arrows', 'dots', 'grey', 'blank'],
  ['solid', 'dots', 'grey', 'blank'],
  ['solid', 'grey', 'dots', 'blank'],
  ['grey', 'grey', 'grey', 'blank'],
  ['outline', 'outline', 'grey', 'blank'],
  ['solid', 'blank', 'blank'],
];

/** How letters go from traced to written alone. */
export function InkChoice({ label, name, open, onSet }: NamedProps & { label: string }) {
  const { task } = open.exercise;
  const hand = (task.interaction === 'write' && task.handwriting?.hand) || 'print';
  const inks = (open.part.parameters[name] as readonly Ink[] | undefined) ?? tracedInks(hand);
  return (
    <Choice
      name={label}
      value={inks.join(' ')}
      options={inkSets.map(
        (set) => [set.join(' '), set.map((ink) => inkNames[ink]).join(', ')] as const,
      )}
      onChoose={(chosen, said) => onSet({ [name]: chosen.split(' ') }, `${label}: ${said}`)}
    />
  );
}

/** The lines that a school hand stands on. */
export function RulingChoices({ name, open, onSet }: NamedProps) {
  const ruling = open.part.parameters[name] as Ruling | undefined;
  const set = (changed: Partial<Ruling>, label: string) =>
    onSet({ [name]: { ...plainRuling, ...ruling, ...changed } }, label);
  return (
    <>
      <Choice
        name="Lines"
        value={ruling?.lines ?? 'four'}
        options={rulingIds.map((id) => [id, rulingNames[id]] as const)}
        onChoose={(lines, text) => set({ lines: lines as Ruling['lines'] }, `Lines: ${text}`)}
      />
      <Choice
        name="Height of a small letter"
        value={ruling?.letter ?? plainRuling.letter}
        options={letterHeights.map((height) => [height, `${height} mm`] as const)}
        onChoose={(letter, text) =>
          set({ letter: Number(letter) as Ruling['letter'] }, `Letters of ${text}`)
        }
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
