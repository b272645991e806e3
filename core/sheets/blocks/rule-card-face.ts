/** A rule card on paper: a page for the wall, or a box for the corner of a sheet. */
import type { TimeLine } from '../../languages/en/rules/grammar-rules';
import type { RuleCard } from '../../rule-cards/rule-card';
import type { PageMark } from '../../paper/marks';
import { breakLines } from '../../paper/measure';
import { FOOT_HEIGHT, type Block } from '../../paper/paginate';
import type { SheetStyle } from '../../paper/style';
import { textAt } from '../../paper/face';
import { creditBlock } from '../../paper/picture-credit';

interface CardSizes {
  readonly width: number;
  readonly title: number;
  readonly rule: number;
  readonly example: number;
  readonly picture: number;
  readonly pad: number;
}

const example = ({ word, from }: { word: string; from?: string }) =>
  from === undefined ? word : `${from} → ${word}`;

/** A line of time with now in its middle; a dot for what happens once, a bar for what goes on. */
function timeLineMarks(
  { events }: TimeLine,
  { left, right, top, unit }: { left: number; right: number; top: number; unit: number },
  style: SheetStyle,
): { marks: PageMark[]; height: number } {
  const labelSize = unit * 0.75;
  const y = top + labelSize * 1.5;
  const at = (time: number) => (left + right) / 2 + (time * (right - left)) / 2.2;
  const line = (x1: number, y1: number, x2: number, y2: number, width: number): PageMark => ({
    kind: 'line',
    x1,
    y1,
    x2,
    y2,
    width,
  });
  const marks: PageMark[] = [
    line(left, y, right, y, 0.35),
    line(right - unit * 0.4, y - unit * 0.25, right, y, 0.35),
    line(right - unit * 0.4, y + unit * 0.25, right, y, 0.35),
    line(at(0), y - unit * 0.5, at(0), y + unit * 0.5, 0.5),
    textAt(at(0) - labelSize, y + unit * 0.6 + labelSize, 'now', style, {
      size: labelSize,
      role: 'text',
    }),
  ];
  for (const { from, to, label } of events) {
    const middle = to === undefined ? at(from) : (at(from) + at(to)) / 2;
    if (to === undefined) {
      marks.push({
        kind: 'box',
        x: at(from) - unit * 0.16,
        y: y - unit * 0.16,
        width: unit * 0.32,
        height: unit * 0.32,
        stroke: 0.4,
        radius: unit * 0.16,
        fill: 'tint',
      });
    } else {
      marks.push(line(at(from), y - unit * 0.18, at(to), y - unit * 0.18, unit * 0.18));
    }
    if (label !== '') {
      const width = label.length * labelSize * 0.5;
      const x = Math.min(Math.max(left, middle - width / 2), right - width);
      marks.push(textAt(x, y - unit * 0.45, label, style, { size: labelSize, role: 'text' }));
    }
  }
  return { marks, height: labelSize * 1.5 + unit * 0.8 + labelSize * 1.2 };
}

/** Everything on the card from its top; gives the marks and how far down they reach. */
function cardContent(card: RuleCard, style: SheetStyle, sizes: CardSizes) {
  const { pad } = sizes;
  const marks: PageMark[] = [];
  const left = pad;
  const pictureRoom = card.picture === undefined ? 0 : sizes.picture + 4;
  const right = sizes.width - pad;
  let y = pad;
  const write = (
    text: string,
    size: number,
    options: { weight?: 400 | 700; grey?: boolean; role?: 'heading' | 'text' } = {},
    indent = 0,
  ) => {
    const besidePicture = y < pad + sizes.picture ? pictureRoom : 0;
    const { weight = 400, role = 'text' } = options;
    const room = right - left - indent - besidePicture;
    for (const line of breakLines(text, style.font, weight, size, room)) {
      y += size * 1.22;
      marks.push(textAt(left + indent, y, line, style, { size, role, ...options }));
    }
  };
  if (card.picture !== undefined) {
    marks.push({
      kind: 'picture',
      x: right - sizes.picture,
      y: pad,
      width: sizes.picture,
      height: sizes.picture,
      picture: card.picture,
      name: card.pictured ?? '',
    });
  }
  write(card.title, sizes.title, { weight: 700, role: 'heading' });
  y += sizes.rule * 0.5;
  for (const rule of card.rules) {
    y += sizes.rule * 0.35;
    write(rule.text, sizes.rule, { weight: 700 });
    if (rule.examples.length > 0) {
      const lines = card.onLines
        ? rule.examples.map(example)
        : [rule.examples.map(example).join(' · ')];
      for (const line of lines) write(line, sizes.example, {}, sizes.rule * 0.8);
    }
  }
  if (card.timeLine) {
    y += sizes.rule * 0.6;
    const drawn = timeLineMarks(card.timeLine, { left, right, top: y, unit: sizes.rule }, style);
    marks.push(...drawn.marks);
    y += drawn.height;
  }
  if (card.exceptions.length > 0) {
    y += sizes.rule * 0.7;
    marks.push({
      kind: 'line',
      x1: left,
      x2: right,
      y1: y,
      y2: y,
      width: 0.3,
      dashed: true,
    });
    y += 1;
    const title = card.exceptionsTitle ?? 'Watch out! These do not keep the rule:';
    write(title, sizes.rule * 0.85, {});
    const lines = card.onLines ? card.exceptions : [card.exceptions.join(' · ')];
    for (const line of lines) write(line, sizes.example, {}, sizes.rule * 0.8);
  }
  return { marks, height: y + pad };
}

/** The largest print with which the card fills its page; the smallest card for a corner. */
export function ruleCardBlock(
  card: RuleCard,
  style: SheetStyle,
  size: 'small' | 'medium' | 'large',
): Block {
  // The credit of its picture stands under it, on the same page.
  const credit = card.picture === undefined ? 0 : creditBlock(style).height;
  const page = style.paper.height - 2 * style.paper.margin - FOOT_HEIGHT - credit;
  const sizesAt = (unit: number, width: number): CardSizes => ({
    width,
    title: unit * 1.5,
    rule: unit,
    example: unit * 1.15,
    picture: Math.min(unit * 5, width * 0.3),
    pad: Math.max(3, unit * 0.7),
  });
  const width = size === 'small' ? Math.min(style.width, 88) : style.width;
  let unit = size === 'large' ? 14 : size === 'medium' ? style.body * 0.85 : style.small * 0.9;
  let content = cardContent(card, style, sizesAt(unit, width));
  while (size === 'large' && content.height > page && unit > 3) {
    unit *= 0.95;
    content = cardContent(card, style, sizesAt(unit, width));
  }
  const height = size === 'large' ? page : content.height;
  return {
    height: height + (size === 'large' ? 0 : 4),
    marks: [
      {
        kind: 'box',
        x: 0.4,
        y: 0.4,
        width: width - 0.8,
        height: height - 0.8,
        stroke: size === 'large' ? 1 : 0.5,
        radius: 3,
        ...(style.inkSaver || size === 'large' ? {} : { fill: 'tint' as const }),
      },
      ...content.marks,
    ],
    name: `The rule card “${card.title}”`,
    ...(size === 'large' ? { breakBefore: true, wide: true } : {}),
  };
}
