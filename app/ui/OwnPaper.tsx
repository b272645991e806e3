import { papers, type PaperName } from '~core/kernel/paper-size';

/** The printer's page for a screen that prints itself: the class's paper with an even margin. */
export function OwnPaper({ paper }: { paper: PaperName }) {
  const { width, height } = papers[paper];
  return <style>{`@page { size: ${width}mm ${height}mm; margin: 15mm; }`}</style>;
}
