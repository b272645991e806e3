/** Facts of a PDF, read by the tools of Poppler. */
import { execFileSync } from 'node:child_process';

const run = (tool: string, args: readonly string[]) =>
  execFileSync(tool, args, { encoding: 'utf8', maxBuffer: 64 * 1024 * 1024 });

export function pdfFacts(file: string) {
  const info = run('pdfinfo', [file]);
  return {
    pages: Number(/Pages:\s+(\d+)/.exec(info)?.[1]),
    size: /Page size:\s+([\d.]+) x ([\d.]+)/.exec(info)?.slice(1).map(Number) ?? [],
    tagged: /Tagged:\s+yes/.test(info),
    /** One line a font: name, type, encoding, embedded, subset, unicode. */
    fonts: run('pdffonts', [file]).split('\n').slice(2).filter(Boolean),
  };
}

/** The text of each page, laid out as it stands. */
export function pdfPages(file: string): string[] {
  return run('pdftotext', ['-layout', file, '-']).split('\f').slice(0, -1);
}
