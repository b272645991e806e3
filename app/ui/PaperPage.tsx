import { Fragment, memo, type CSSProperties } from 'react';
import { fontMetrics, isWide, textWidth, WIDE_LETTERS, WIDE_WORDS } from '~core/paper/measure';
import type { PageMark, PictureMark, TextMark } from '~core/paper/marks';
import {
  readingOf,
  withTables,
  type ReadGroup,
  type ReadMark,
  type ReadTable,
} from '~core/paper/reading';
import { isRightToLeft } from '~core/kernel/writing-direction';
import { papers, type PaperName } from '~core/kernel/paper-size';
import type { Look } from '~core/kernel/look';
import type { Reach } from '~core/reach/check-word';
import { fontFamily } from './fonts';
import { PageDrawing } from './PageDrawing';
import { pictureAddress } from './Picture';
import { t } from '~/phrases/t';

const mm = (length: number) => `calc(var(--mm) * ${length.toFixed(3)})`;

/** Where the top of a line box of one em stands above its baseline, in ems. */
function baselineShift(font: string, mark: TextMark): number {
  const { ascent, descent, unitsPerEm } = fontMetrics(font, mark.weight);
  return 0.5 + (ascent - descent) / unitsPerEm / 2;
}

/** A place on the page, in millimetres. */
interface Place {
  readonly x: number;
  readonly y: number;
}

const PAGE: Place = { x: 0, y: 0 };

/** What a text looks like and where it stands, seen from a place of the page. */
function inkOf(mark: TextMark, font: string, from: Place) {
  const width = textWidth(mark.text, font, mark.weight, mark.size);
  const shift = mark.align === 'start' ? 0 : mark.align === 'middle' ? width / 2 : width;
  const style: CSSProperties = {
    left: mm(mark.x - shift - from.x),
    top: mm(mark.y - mark.size * baselineShift(font, mark) - from.y),
    fontSize: mm(mark.size),
    // Its letters join, so that it is narrower than it is measured: it begins at the right of its room.
    ...(isRightToLeft(mark.text) ? { width: mm(width), direction: 'rtl' as const } : {}),
    ...(mark.turn
      ? {
          transformOrigin: `${mm(shift)} ${mm(mark.size * baselineShift(font, mark))}`,
          transform: `rotate(${mark.turn}deg)`,
        }
      : {}),
  };
  const className = `ink${mark.grey ? (mark.role === 'text' ? ' ink--grey ink--answer' : ' ink--grey') : ''}${mark.weight === 700 ? ' ink--bold' : ''}${mark.outline ? ' ink--outline' : ''}${mark.light ? ' ink--light' : ''}`;
  return { style, className };
}

/** A picture where it is printed; `alt` is empty where its group says what it is. */
function Drawing({ mark, alt, from }: { mark: PictureMark; alt: string; from: Place }) {
  return (
    <img
      className="paper-picture"
      src={pictureAddress(mark.picture, 'line')}
      alt={alt}
      style={{
        left: mm(mark.x - from.x),
        top: mm(mark.y - from.y),
        width: mm(mark.width),
        height: mm(mark.height),
      }}
    />
  );
}

/** The box round marks: a finger that explores the page finds what is read there. */
function boxRound(marks: readonly ReadMark[], font: string) {
  const boxes = marks.map((mark) => {
    if (mark.kind === 'picture') return mark;
    if (mark.kind === 'hand') return { x: mark.x, y: mark.y - mark.size, width: 0, height: 0 };
    const width = textWidth(mark.text, font, mark.weight, mark.size);
    const shift = mark.align === 'start' ? 0 : mark.align === 'middle' ? width / 2 : width;
    return { x: mark.x - shift, y: mark.y - mark.size, width, height: mark.size * 1.3 };
  });
  const x = Math.min(...boxes.map((box) => box.x));
  const y = Math.min(...boxes.map((box) => box.y));
  return {
    x,
    y,
    width: Math.max(...boxes.map((box) => box.x + box.width)) - x,
    height: Math.max(...boxes.map((box) => box.y + box.height)) - y,
  };
}

/** A page is a document of its own: its title and headings keep their place in the outline. */
const tags = { title: 'h3', heading: 'h4', text: 'p', small: 'p' } as const;

/** What is one thing to whoever listens, in the order in which it is read. */
function Group({ group, font }: { group: ReadGroup; font: string }) {
  const { text, differs, role, marks } = group;
  const Tag = tags[role];
  const [first] = marks;
  if (!differs && marks.length === 1 && first?.kind === 'picture') {
    return <Drawing mark={first} alt={text} from={PAGE} />;
  }
  if (!differs && marks.length === 1 && first?.kind === 'text') {
    return <Tag {...inkOf(first, font, PAGE)}>{first.text}</Tag>;
  }
  // Letters to trace are drawn, not set: only what is said of them stands here.
  if (marks.every(({ kind }) => kind === 'hand')) {
    return <p className="visually-hidden">{text}</p>;
  }
  const box = boxRound(marks, font);
  const shown = marks.map((mark, index) => (
    <Fragment key={index}>
      {/* Something must stand in an empty cell, or its tag is left out. */}
      {mark.kind === 'text' && <span {...inkOf(mark, font, box)}>{mark.text || '\u00a0'}</span>}
      {mark.kind === 'picture' && <Drawing mark={mark} alt="" from={box} />}
    </Fragment>
  ));
  return (
    <Tag
      className="ink-group"
      style={{ left: mm(box.x), top: mm(box.y), width: mm(box.width), height: mm(box.height) }}
    >
      {differs ? (
        <span role="img" aria-label={text}>
          {shown}
        </span>
      ) : (
        shown
      )}
    </Tag>
  );
}

/**
 * Tags only: every text stands where it is printed. Roles, not table elements, because a table
 * element would lay its cells out.
 */
function Table({ table, font }: { table: ReadTable; font: string }) {
  return (
    <div role="table">
      {table.rows.map((row, index) => (
        <div key={index} role="row">
          {row.map((group, column) => (
            <div key={column} role={group.cell?.head ? 'columnheader' : 'cell'}>
              <Group group={group} font={font} />
            </div>
          ))}
        </div>
      ))}
    </div>
  );
}

export interface PaperPageProps {
  readonly marks: readonly PageMark[];
  readonly paper: PaperName;
  readonly font: string;
  readonly label: string;
  /** The look in whose colours it prints. */
  readonly colour?: Look | undefined;
  /** Reach of the words on the page, lit on screen only. */
  readonly reach?: ReadonlyMap<string, Reach>;
  /** Called with a word that was clicked. */
  readonly onWord?: (word: string) => void;
  /** Items that can be changed on the page: what each is called, by its id or its word. */
  readonly items?: ReadonlyMap<string, string>;
  readonly onItem?: (item: string, place: HTMLElement) => void;
}

/** Where items stand: their own areas, or, of an exercise that has none, those of their words. */
function placesOf(marks: readonly PageMark[], items: ReadonlyMap<string, string>) {
  const own = marks.flatMap((mark) =>
    mark.kind === 'item' && items.has(mark.item) ? [{ ...mark, is: mark.item }] : [],
  );
  if (own.length > 0) return own;
  return marks.flatMap((mark) =>
    mark.kind === 'word' && items.has(mark.word) ? [{ ...mark, is: mark.word }] : [],
  );
}

/** Items as buttons over the page, drawn on screen only. */
function ItemPlaces({
  marks,
  items,
  onItem,
}: Pick<PaperPageProps, 'marks'> & Required<Pick<PaperPageProps, 'items' | 'onItem'>>) {
  return placesOf(marks, items).map(({ is, x, y, width, height }, index) => (
    <button
      key={`${is} ${index}`}
      type="button"
      className="item-area"
      data-item={is}
      style={{ left: mm(x), top: mm(y), width: mm(width), height: mm(height) }}
      aria-label={t('frame.change', { items: items.get(is) ?? is })}
      onClick={(event) => onItem(is, event.currentTarget)}
    />
  ));
}

/** One page as it prints, scaled to the room it has. */
export const PaperPage = memo(function PaperPage(props: PaperPageProps) {
  const { marks, paper, font, label, colour, reach, onWord, items, onItem } = props;
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
    <section
      className={`paper-page${colour ? ` paper-page--${colour}` : ''}`}
      style={style}
      aria-label={label}
      lang="en"
    >
      <PageDrawing marks={marks} width={width} height={height} />
      {withTables(readingOf(marks)).map((read, index) =>
        'rows' in read ? (
          <Table key={index} table={read} font={font} />
        ) : (
          <Group key={index} group={read} font={font} />
        ),
      )}
      <PageDrawing marks={marks} width={width} height={height} over />
      {items && onItem && <ItemPlaces marks={marks} items={items} onItem={onItem} />}
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
              aria-label={t('frame.showWhy', { word: mark.word, found })}
            />
          );
        })}
    </section>
  );
});
