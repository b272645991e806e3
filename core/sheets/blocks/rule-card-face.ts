/** A rule card on paper: a page for the wall, or a box for the corner of a sheet. */
import type { RuleCard } from '../../rules/rule-card';
import type { PageMark } from '../marks';
import { breakLines } from '../measure';
import { FOOT_HEIGHT, type Block } from '../paginate';
import type { SheetStyle } from '../style';
import { textAt } from '../faces/face';

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
      write(rule.examples.map(example).join(' · '), sizes.example, {}, sizes.rule * 0.8);
    }
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
    write('Watch out! These do not keep the rule:', sizes.rule * 0.85, {});
    write(card.exceptions.join(' · '), sizes.example, {}, sizes.rule * 0.8);
  }
  return { marks, height: y + pad };
}

/** The largest print with which the card fills its page; the smallest card for a corner. */
export function ruleCardBlock(
  card: RuleCard,
  style: SheetStyle,
  size: 'small' | 'medium' | 'large',
): Block {
  const page = style.paper.height - 2 * style.paper.margin - FOOT_HEIGHT;
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
