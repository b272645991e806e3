/** Facts of a PDF, read by the tools of Poppler. */
import { inflateSync } from 'node:zlib';
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

/** A PDF with what is packed in it unpacked, as text. */
function unpacked(pdf: Buffer): string {
  const raw = pdf.toString('latin1');
  const packed = [...raw.matchAll(/stream\r?\n([\s\S]*?)endstream/g)].map(([, body = '']) => {
    try {
      return inflateSync(Buffer.from(body, 'latin1')).toString('latin1');
    } catch {
      return '';
    }
  });
  return raw + packed.join('\n');
}

/** How many tables, rows, heads and cells the tags of a PDF name. */
export function structureTypes(pdf: Buffer): Record<string, number> {
  const found: Record<string, number> = {};
  for (const [, type = ''] of unpacked(pdf).matchAll(/\/S\s*\/(Table|TR|TH|TD)\b/g)) {
    found[type] = (found[type] ?? 0) + 1;
  }
  return found;
}

/** What the tags of a PDF say in place of what is drawn (ISO 32000-1, 14.9.3: Alt), in their order. */
export function altTexts(pdf: Buffer): string[] {
  const all = unpacked(pdf);
  return [...all.matchAll(/\/Alt\s*(?:\(((?:\\.|[^)\\])*)\)|<([0-9A-Fa-f]+)>)/g)].map(
    ([, plain, hex]) => {
      if (plain !== undefined) return plain.replace(/\\(.)/g, '$1');
      const bytes = Buffer.from((hex ?? '').slice(4), 'hex');
      return bytes.swap16().toString('utf16le');
    },
  );
}
