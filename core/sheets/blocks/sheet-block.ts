/** The blocks a teacher arranges on a sheet of her own. */
import { type HandName } from '../../kernel/hand-names';
import type { ReadingLayout } from '../../texts/reading-layout';
import type { Ruling } from '../../paper/ruling';

export const blockNames = {
  exercise: 'Exercise',
  heading: 'Heading',
  text: 'Text',
  reading: 'Reading text',
  words: 'Word box',
  rule: 'Rule card',
  picture: 'Picture',
  lines: 'Ruled space',
  name: 'Name and date',
  'can-do': 'Can-do slip',
  qr: 'QR code',
  page: 'New page',
} as const;

export type BlockKind = keyof typeof blockNames;

export const blockKinds = Object.keys(blockNames) as BlockKind[];

export const blockSizes = ['small', 'medium', 'large'] as const;

export type BlockSize = (typeof blockSizes)[number];

export interface SheetBlock {
  readonly id: string;
  readonly kind: BlockKind;
  /** Of a heading, a text or a QR code; the lines of a can-do slip; the word a picture shows. */
  readonly text?: string;
  /** The kept text that stands here, and how. */
  readonly textId?: string;
  readonly reading?: ReadingLayout;
  /** The exercise of the lesson that stands here. */
  readonly part?: string;
  /** Of a word box. */
  readonly words?: readonly string[];
  /** Pictures over the words of a word box. */
  readonly pictures?: boolean;
  /** A heading in outline, to colour in. */
  readonly decorative?: boolean;
  /** What a rule card is about, as `sound:EY`, `ending:ing` or `pattern:soft-c`. */
  readonly topic?: string;
  /** Of a picture; of a rule card: small for a corner, large for the wall. */
  readonly size?: BlockSize;
  /** Lines of a ruled space. */
  readonly rows?: number;
  readonly hand?: HandName | null;
  readonly ruling?: Ruling;
}
