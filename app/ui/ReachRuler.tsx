import { useEffect, useRef, useState } from 'react';
import { levelOptions, scaleOf } from '~core/classes/class-level';
import type { ClassProfile } from '~core/classes/class-profile';
import type { ReachState } from './reach-state';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

const TICKS_SHOWN = 9;

/** The width of an element as it is laid out, in pixels. */
function useWidth() {
  const element = useRef<HTMLDivElement>(null);
  const [width, setWidth] = useState(900);
  useEffect(() => {
    const observed = element.current;
    if (observed === null) return;
    const observer = new ResizeObserver(() => setWidth(observed.clientWidth));
    observer.observe(observed);
    return () => observer.disconnect();
  }, []);
  return [element, Math.max(width, 120)] as const;
}

/** The class's band on the level scale, and a pointer for whatever is open. */
export function ReachRuler({ profile, state }: { profile: ClassProfile; state?: ReachState }) {
  const [element, width] = useWidth();
  const band = scaleOf(profile.level);
  const options = levelOptions[profile.level.system];
  const here = Math.max(
    0,
    options.findIndex((option) => option.value === profile.level.value),
  );
  const first = Math.max(0, Math.min(here - 3, options.length - TICKS_SHOWN));
  const shown = options.slice(first, first + TICKS_SHOWN);
  const from = shown[0]?.from ?? 0;
  const to = shown[shown.length - 1]?.to ?? 1;
  const x = (level: number) => ((level - from) / (to - from)) * width;

  const level = state?.level;
  const pointed = level === undefined ? undefined : Math.min(Math.max(x(level), 7), width - 7);
  const outside = level === undefined ? '' : level > to ? ' →' : level < from ? '← ' : '';
  const labelAt = pointed === undefined ? 0 : Math.min(Math.max(pointed, 40), width - 50);
  const summary =
    state === undefined || state.total === 0
      ? t('frame.nothingOpenYet')
      : t('frame.ofWordsWithinReach', { secure: state.secure, total: state.total });
  const described =
    level === undefined
      ? t('frame.areAt', { name: profile.name, nameA: band.name })
      : t('frame.areAtThreeInFour', {
          name: profile.name,
          nameA: band.name,
          label: String(state?.label),
          nameOf: nameOf(level, options),
        });

  return (
    <section className="ruler" aria-label={t('frame.reach')}>
      <span className="ruler__name">{t('frame.reach')}</span>
      <div className="ruler__scale" ref={element}>
        <svg role="img" aria-label={described}>
          <title>{described}</title>
          <rect
            className="ruler__band"
            x={x(Math.max(band.from, from))}
            y={19}
            width={x(band.to) - x(Math.max(band.from, from))}
            height={10}
            rx={3}
          />
          <line x1={0} y1={29} x2={width} y2={29} stroke="#6d7a83" strokeWidth={1.5} />
          {shown.map((option) => (
            <g key={option.value}>
              <line
                x1={x((option.from + option.to) / 2)}
                y1={29}
                x2={x((option.from + option.to) / 2)}
                y2={33}
                stroke="#6d7a83"
              />
              <text
                x={x((option.from + option.to) / 2)}
                y={44}
                textAnchor="middle"
                className={option.value === profile.level.value ? 'ruler__tick--class' : undefined}
              >
                {option.value}
              </text>
            </g>
          ))}
          {pointed !== undefined && state !== undefined && (
            <>
              <path
                className="ruler__pointer"
                d={`M${pointed - 7} 17h14l-7 11z`}
                stroke="#fffefb"
                strokeWidth={1.5}
              />
              <text className="ruler__pointer-label" x={labelAt} y={13} textAnchor="middle">
                {outside === '← ' ? `← ${state.label}` : `${state.label}${outside}`}
              </text>
            </>
          )}
        </svg>
      </div>
      <span className="ruler__summary" role="status">
        {summary}
      </span>
    </section>
  );
}

function nameOf(level: number, options: (typeof levelOptions)['uk']): string {
  const found = options.find((option) => level >= option.from && level < option.to);
  return found ? t('frame.about', { name: coreName(found.name) }) : t('frame.offTheScale');
}
