import type { ReactNode } from 'react';
import type { ReadingText } from '~core/texts/reading-text';
import { PartPager, ShownText, type ShownTextProps } from './ShownText';

export interface TextSheetProps extends Omit<
  ShownTextProps,
  'body' | 'verse' | 'language' | 'part'
> {
  readonly text: Pick<ReadingText, 'body' | 'kind' | 'language'>;
  readonly parts: readonly ShownTextProps['part'][];
  /** Which part is shown. */
  readonly at: number;
  readonly onTurn: (at: number) => void;
  /** What stands below the text. */
  readonly children?: ReactNode;
}

/** One part of a text on its sheet, with what is lit in it and the way to the next part. */
export function TextSheet({ text, parts, at, onTurn, children, ...shown }: TextSheetProps) {
  const pager = <PartPager parts={parts} at={at} onTurn={onTurn} />;
  return (
    <div className="text-sheet">
      {pager}
      <ShownText
        body={text.body}
        verse={text.kind === 'poem'}
        language={text.language}
        part={parts[Math.min(at, parts.length - 1)] ?? { start: 0, end: 0 }}
        {...shown}
      />
      {pager}
      {children}
    </div>
  );
}
