/** A document as plain text, for a message or an old machine. */
import { cellText, pictureName, type DocumentNode, type TableCell } from '../paper/document';

const cellOf = (value: TableCell) => {
  const text = cellText(value).trim();
  return typeof value === 'string'
    ? text
    : `[picture: ${pictureName(value.picture)}]${text && ` ${text}`}`;
};

/** Columns as wide as their widest cell. */
function table(rows: readonly (readonly TableCell[])[]): string {
  const texts = rows.map((row) => row.map(cellOf));
  const widths = (texts[0] ?? []).map((_, column) =>
    Math.max(...texts.map((row) => (row[column] ?? '').length)),
  );
  return texts
    .map((row) =>
      row
        .map((text, column) => text.padEnd(widths[column] ?? 0))
        .join('   ')
        .trimEnd(),
    )
    .join('\n');
}

function written(node: DocumentNode): string {
  switch (node.kind) {
    case 'title':
      return `${node.text}\n${'='.repeat(Math.min(node.text.length, 72))}`;
    case 'heading':
      return `${node.text}\n${'-'.repeat(Math.min(node.text.length, 72))}`;
    case 'text':
      return node.text;
    case 'box':
      return `[ ${node.words.join('   ')} ]`;
    case 'item': {
      const picture = node.picture === undefined ? '' : `[picture: ${pictureName(node.picture)}] `;
      const options = (node.options ?? []).map((option) => `   [ ] ${option}`);
      const lines = Array.from({ length: node.lines ?? 0 }, () => `   ${'_'.repeat(40)}`);
      return [`${node.number}. ${picture}${node.text}`.trimEnd(), ...options, ...lines].join('\n');
    }
    case 'table':
      return table(node.rows);
    case 'picture':
      return `[picture: ${node.name}]`;
    case 'lines':
      return Array.from({ length: node.count }, () => '_'.repeat(50)).join('\n\n');
    case 'page':
      return '\n';
  }
}

export function toPlainText(nodes: readonly DocumentNode[]): string {
  return `${nodes.map(written).join('\n\n')}\n`;
}
