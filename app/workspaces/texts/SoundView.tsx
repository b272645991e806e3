import { useState } from 'react';
import type { ClassProfile } from '~core/classes/class-profile';
import { deviceNames, type DeviceKind } from '~core/texts/devices/device';
import type { ReadingText } from '~core/texts/reading-text';
import { Toggle } from '~/ui/Toggle';
import { engine } from '~/workers/engine.client';
import { type Layer } from './ShownText';
import { TextSheet } from './TextSheet';
import { textParts } from './text-parts';
import { useAsked } from './use-engine';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

const shownKinds: readonly DeviceKind[] = [
  'alliteration',
  'assonance',
  'repetition',
  'anaphora',
  'simile',
  'shift',
  'dialogue',
  'connective',
  'time-word',
  'structure-signal',
];

/** Syllables of each line; a line that breaks the pattern is hatched. */
function SyllableBars({
  lines,
  usual,
}: {
  lines: readonly { number: number; syllables: number }[];
  usual: number;
}) {
  const most = Math.max(1, ...lines.map(({ syllables }) => syllables));
  const width = 300 / Math.max(lines.length, 8);
  return (
    <figure className="mb-3">
      <svg
        viewBox="0 0 300 70"
        role="img"
        aria-label={t('texts.syllablesALine', {
          lines: lines.map(({ syllables }) => syllables).join(', '),
        })}
        className="syllable-bars"
      >
        <defs>
          <pattern
            id="hatch"
            width="4"
            height="4"
            patternUnits="userSpaceOnUse"
            patternTransform="rotate(45)"
          >
            <rect width="4" height="4" fill="#dbe7f3" />
            <line x1="0" y1="0" x2="0" y2="4" stroke="#2b6cb0" strokeWidth="2" />
          </pattern>
        </defs>
        {lines.map(({ number, syllables }, index) => {
          const height = (syllables / most) * 58;
          return (
            <rect
              key={number}
              x={index * width + 1}
              y={64 - height}
              width={width - 2}
              height={height}
              fill={syllables === usual ? '#b9c2c8' : 'url(#hatch)'}
            >
              <title>{t('texts.lineSyllables', { number, syllables })}</title>
            </rect>
          );
        })}
        <line x1="0" y1="64.5" x2="300" y2="64.5" stroke="#6d7a83" />
      </svg>
      <figcaption className="small quiet">{t('texts.syllablesALineHatchedA')}</figcaption>
    </figure>
  );
}

/** Rhyme, stress and what else can be heard or signals how the text is built. */
export function SoundView({ text, profile }: { text: ReadingText; profile: ClassProfile }) {
  const parts = textParts(text.body);
  const [at, setAt] = useState(0);
  const [kinds, setKinds] = useState<readonly DeviceKind[]>([
    'alliteration',
    'repetition',
    'simile',
    'shift',
  ]);
  const asked = useAsked(
    () => engine().devices({ body: text.body, kind: text.kind }, profile),
    [text.body, text.kind, profile],
  );
  if (asked.state === 'failed') return <p className="message">{asked.message}</p>;
  if (asked.state === 'working') return <p role="status">{t('texts.listening')}</p>;
  const { devices, form, structures } = asked.value;
  const layers = devices
    .filter(({ kind }) => kinds.includes(kind))
    .flatMap((device): Layer[] =>
      (device.parts.length > 0 ? device.parts : [device]).map((place) => ({
        start: place.start,
        end: place.end,
        id: `${device.kind} ${device.start}`,
        className: `heard heard--${device.kind}`,
        says: `${coreName(deviceNames[device.kind])}. ${device.note}`,
      })),
    );
  const lineOf = new Map(form?.lines.map((line) => [line.start, line]));
  return (
    <>
      <TextSheet
        text={text}
        parts={parts}
        at={at}
        onTurn={setAt}
        layers={layers}
        {...(form
          ? {
              beside: (line: { start: number }) => {
                const found = lineOf.get(line.start);
                return found ? (
                  <>
                    <span
                      className="stress"
                      aria-label={t('texts.syllables2', { syllables: found.syllables })}
                    >
                      {found.stress.replaceAll('x', '×')}
                    </span>{' '}
                    <b className="rhyme">{found.rhyme}</b>
                  </>
                ) : null;
              },
            }
          : {})}
      />
      <aside className="check-panel" aria-label={t('texts.soundAndBuild')}>
        <h2>{t('texts.soundAndBuild')}</h2>
        {form && (
          <>
            <dl className="measures">
              <dt>{t('texts.rhyme')}</dt>
              <dd>{form.scheme}</dd>
              <dt>{t('texts.metreAsFarAsThe')}</dt>
              <dd>{form.metre?.name ?? t('texts.noSteadyBeat')}</dd>
              <dt>{t('texts.stanzas')}</dt>
              <dd>{t('texts.lines2', { stanzas: form.stanzas.join(' + ') })}</dd>
            </dl>
            <SyllableBars lines={form.lines} usual={form.usualSyllables} />
            <p className="small quiet">{t('texts.aStressedSyllableALight')}</p>
          </>
        )}
        {structures.length > 0 && (
          <dl className="measures">
            {structures.map(({ structure, count }) => (
              <div key={structure} className="d-contents">
                <dt>{t('texts.signalsOf', { structure })}</dt>
                <dd>{count}</dd>
              </div>
            ))}
          </dl>
        )}
        <h3>{t('texts.lightUp')}</h3>
        {shownKinds.map((kind) => {
          const count = devices.filter((device) => device.kind === kind).length;
          return count === 0 ? null : (
            <Toggle
              key={kind}
              name={`${coreName(deviceNames[kind])} · ${count}`}
              checked={kinds.includes(kind)}
              onChange={(on) =>
                setKinds(on ? [...kinds, kind] : kinds.filter((each) => each !== kind))
              }
            />
          );
        })}
        <p className="small quiet mt-2">{t('texts.whatAMachineCanFind')}</p>
      </aside>
    </>
  );
}
