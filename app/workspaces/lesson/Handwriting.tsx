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
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

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
        (set) => [set.join(' '), set.map((ink) => coreName(inkNames[ink])).join(', ')] as const,
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
        name={t('lesson.lines')}
        value={ruling?.lines ?? 'four'}
        options={rulingIds.map((id) => [id, coreName(rulingNames[id])] as const)}
        onChoose={(lines, text) =>
          set({ lines: lines as Ruling['lines'] }, t('lesson.lines2', { text }))
        }
      />
      <Choice
        name={t('lesson.heightOfASmallLetter')}
        value={ruling?.letter ?? plainRuling.letter}
        options={letterHeights.map((height) => [height, t('lesson.mm', { height })] as const)}
        onChoose={(letter, text) =>
          set({ letter: Number(letter) as Ruling['letter'] }, t('lesson.lettersOf', { text }))
        }
      />
      <Toggle
        name={t('lesson.dashedLineOverSmallLetters')}
        checked={ruling?.dashed ?? plainRuling.dashed}
        onChange={(dashed) =>
          set({ dashed }, dashed ? t('lesson.dashedTheLine') : t('lesson.drewAPlainLine'))
        }
      />
      <Toggle
        name={t('lesson.tintedBandForTails')}
        checked={ruling?.band ?? plainRuling.band}
        onChange={(band) =>
          set({ band }, band ? t('lesson.tintedTheBand') : t('lesson.tookTheTintAway'))
        }
      />
      <Toggle
        name={t('lesson.forALeftHandModels')}
        checked={ruling?.leftHanded ?? plainRuling.leftHanded}
        onChange={(leftHanded) =>
          set(
            { leftHanded },
            leftHanded ? t('lesson.setForALeftHand') : t('lesson.setForARightHand'),
          )
        }
      />
    </>
  );
}
