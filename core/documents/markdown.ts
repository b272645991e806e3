/** A document as Markdown (CommonMark, with the tables of GitHub Flavored Markdown). */
import { cellText, pictureName, type DocumentNode, type TableCell } from '../paper/document';

/** Signs that would be read as markup. A gap is written as it stands: a run of underscores means nothing. */
const escaped = (text: string) =>
  text
    .replace(/[\\`*[\]<>|#]/g, '\\$&')
    .replace(/(?<!_)_(?!_)/g, '\\_')
    .replace(/_{2,}/g, (run) => '\\_'.repeat(run.length));

const cell = (value: TableCell) => {
  const text = escaped(cellText(value).trim()).replace(/\s*\n\s*/g, ' ');
  return typeof value === 'string' ? text : `![${pictureName(value.picture)}]() ${text}`.trim();
};

function table(rows: readonly (readonly TableCell[])[], head: boolean): string {
  const columns = Math.max(1, ...rows.map((row) => row.length));
  const line = (row: readonly TableCell[]) =>
    `| ${Array.from({ length: columns }, (_, index) => cell(row[index] ?? '')).join(' | ')} |`;
  const [first = [], ...others] = head ? rows : [[], ...rows];
  const rule = `|${' --- |'.repeat(columns)}`;
  return [line(first), rule, ...others.map(line)].join('\n');
}

function written(node: DocumentNode): string {
  switch (node.kind) {
    case 'title':
      return `# ${escaped(node.text)}`;
    case 'heading':
      return `## ${escaped(node.text)}`;
    case 'text':
      return escaped(node.text);
    case 'box':
      return `> ${node.words.map(escaped).join(' · ')}`;
    case 'item': {
      const picture = node.picture === undefined ? '' : `![${pictureName(node.picture)}]() `;
      const options = (node.options ?? []).map((option) => `   - ☐ ${escaped(option)}`);
      const lines = Array.from({ length: node.lines ?? 0 }, () => `   ${'\\_'.repeat(30)}  `);
      return [
        `${node.number}. ${picture}${escaped(node.text)}`.trimEnd(),
        ...options,
        ...lines,
      ].join('\n');
    }
    case 'table':
      return table(node.rows, node.head);
    case 'picture':
      return `![${escaped(node.name)}]()`;
    case 'lines':
      return Array.from({ length: node.count }, () => '\\_'.repeat(40)).join('  \n');
    case 'page':
      return '---';
  }
}

export function toMarkdown(nodes: readonly DocumentNode[]): string {
  return `${nodes.map(written).join('\n\n')}\n`;
}
