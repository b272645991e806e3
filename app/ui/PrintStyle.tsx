import { papers, type PaperName } from '~core/kernel/paper-size';

/** Sets the printer's page boxes to the papers used, without a margin: the pages have their own. */
export function PrintStyle({ used }: { used: readonly PaperName[] }) {
  const size = (paper: PaperName) => `size: ${papers[paper].width}mm ${papers[paper].height}mm;`;
  const [first] = used;
  const rules = [
    ...(first === undefined ? [] : [`@page { ${size(first)} margin: 0; }`]),
    // Each page names its paper, so that one job may hold several.
    ...[...new Set(used)].map((paper) => `@page ${paper} { ${size(paper)} margin: 0; }`),
  ];
  return <style>{rules.join('\n')}</style>;
}
