import { memo, type CSSProperties } from 'react';
import { fontMetrics, isWide, textWidth, WIDE_LETTERS, WIDE_WORDS } from '~core/paper/measure';
import type { PageMark, TextMark } from '~core/paper/marks';
import { papers, type PaperName } from '~core/kernel/paper-size';
import type { Reach } from '~core/reach/check-word';
import { fontFamily } from './fonts';
import { PageDrawing } from './PageDrawing';
import { pictureAddress } from './Picture';

const mm = (length: number) => `calc(var(--mm) * ${length.toFixed(3)})`;

/** Where the top of a line box of one em stands above its baseline, in ems. */
function baselineShift(font: string, mark: TextMark): number {
  const { ascent, descent, unitsPerEm } = fontMetrics(font, mark.weight);
  return 0.5 + (ascent - descent) / unitsPerEm / 2;
}

function Ink({ mark, font }: { mark: TextMark; font: string }) {
  const width = textWidth(mark.text, font, mark.weight, mark.size);
  const shift = mark.align === 'start' ? 0 : mark.align === 'middle' ? width / 2 : width;
  const style: CSSProperties = {
    left: mm(mark.x - shift),
    top: mm(mark.y - mark.size * baselineShift(font, mark)),
    fontSize: mm(mark.size),
    ...(mark.turn
      ? {
          transformOrigin: `${mm(shift)} ${mm(mark.size * baselineShift(font, mark))}`,
          transform: `rotate(${mark.turn}deg)`,
        }
      : {}),
  };
  const className = `ink${mark.grey ? ' ink--grey' : ''}${mark.weight === 700 ? ' ink--bold' : ''}${mark.outline ? ' ink--outline' : ''}`;
  // A page is a document of its own: its title and headings keep their place in the outline.
  if (mark.role === 'title') {
    return (
      <h3 className={className} style={style}>
        {mark.text}
      </h3>
    );
  }
  if (mark.role === 'heading') {
    return (
      <h4 className={className} style={style}>
        {mark.text}
      </h4>
    );
  }
  return (
    <p className={className} style={style}>
      {mark.text}
    </p>
  );
}

export interface PaperPageProps {
  readonly marks: readonly PageMark[];
  readonly paper: PaperName;
  readonly font: string;
  readonly label: string;
  /** Reach of the words on the page, lit on screen only. */
  readonly reach?: ReadonlyMap<string, Reach>;
  /** Called with a word that was clicked. */
  readonly onWord?: (word: string) => void;
}

/** One page as it prints, scaled to the room it has. */
export const PaperPage = memo(function PaperPage(props: PaperPageProps) {
  const { marks, paper, font, label, reach, onWord } = props;
  const { width, height } = papers[paper];
  const style = {
    '--page-width': width,
    '--page-height': height,
    fontFamily: fontFamily(font),
    page: paper,
    ...(isWide(font)
      ? { '--letter-space': `${WIDE_LETTERS}em`, '--word-space': `${WIDE_WORDS}em` }
      : {}),
  } as CSSProperties;
  return (
    <section className="paper-page" style={style} aria-label={label} lang="en">
      <PageDrawing marks={marks} width={width} height={height} />
      {marks.map((mark, index) =>
        mark.kind === 'text' ? <Ink key={index} mark={mark} font={font} /> : null,
      )}
      {marks.map((mark, index) =>
        mark.kind === 'picture' ? (
          <img
            key={index}
            className="paper-picture"
            src={pictureAddress(mark.picture, 'line')}
            alt={mark.name}
            style={{
              left: mm(mark.x),
              top: mm(mark.y),
              width: mm(mark.width),
              height: mm(mark.height),
            }}
          />
        ) : null,
      )}
      {reach &&
        marks.map((mark, index) => {
          if (mark.kind !== 'word') return null;
          const found = reach.get(mark.word) ?? 'secure';
          if (found === 'secure') return null;
          return (
            <button
              key={index}
              type="button"
              className={`word-area word-area--${found}`}
              style={{
                left: mm(mark.x),
                top: mm(mark.y),
                width: mm(mark.width),
                height: mm(mark.height),
              }}
              onClick={() => onWord?.(mark.word)}
              aria-label={`${mark.word}: ${found}. Show why.`}
            />
          );
        })}
    </section>
  );
});
