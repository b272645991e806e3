import { Fragment, memo, type CSSProperties } from 'react';
import { fontMetrics, isWide, textWidth, WIDE_LETTERS, WIDE_WORDS } from '~core/paper/measure';
import type { PageMark, PictureMark, TextMark } from '~core/paper/marks';
import { readingOf, type ReadGroup } from '~core/paper/reading';
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

/** One text where it is printed. */
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
  return (
    <span className={className} style={style}>
      {mark.text}
    </span>
  );
}

/** A picture where it is printed; `alt` is empty where its group says what it is. */
function Drawing({ mark, alt }: { mark: PictureMark; alt: string }) {
  return (
    <img
      className="paper-picture"
      src={pictureAddress(mark.picture, 'line')}
      alt={alt}
      style={{
        left: mm(mark.x),
        top: mm(mark.y),
        width: mm(mark.width),
        height: mm(mark.height),
      }}
    />
  );
}

/** What is one thing to whoever listens, in the order in which it is read. */
function Group({ group, font }: { group: ReadGroup; font: string }) {
  const { text, differs, role, marks } = group;
  const [first] = marks;
  if (!differs && marks.length === 1 && first?.kind === 'picture') {
    return <Drawing mark={first} alt={text} />;
  }
  const shown = marks.map((mark, index) => (
    <Fragment key={index}>
      {index > 0 && ' '}
      {mark.kind === 'text' && <Ink mark={mark} font={font} />}
      {mark.kind === 'picture' && <Drawing mark={mark} alt="" />}
    </Fragment>
  ));
  // Letters to trace are drawn, not set: only what is said of them stands here.
  if (marks.every(({ kind }) => kind === 'hand')) {
    return <p className="visually-hidden">{text}</p>;
  }
  const content = differs ? (
    <span role="img" aria-label={text}>
      {shown}
    </span>
  ) : (
    shown
  );
  // A page is a document of its own: its title and headings keep their place in the outline.
  if (role === 'title') return <h3 className="ink-group">{content}</h3>;
  if (role === 'heading') return <h4 className="ink-group">{content}</h4>;
  return <p className="ink-group">{content}</p>;
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
      {readingOf(marks).map((group, index) => (
        <Group key={index} group={group} font={font} />
      ))}
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
