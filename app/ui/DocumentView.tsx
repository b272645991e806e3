import type { ReactNode } from 'react';
import { cellText, type DocumentNode } from '~core/paper/document';

const lines = (text: string): ReactNode =>
  text.split('\n').map((line, index) => (
    <span key={index} className="d-block">
      {line}
    </span>
  ));

function Node({ node }: { node: DocumentNode }) {
  switch (node.kind) {
    case 'title':
      return <h2>{node.text}</h2>;
    case 'heading':
      return <h3>{node.text}</h3>;
    case 'text':
      return <p>{lines(node.text)}</p>;
    case 'table': {
      const [head, ...body] = node.rows;
      const rows = node.head ? body : node.rows;
      return (
        <table>
          {node.head && head && (
            <thead>
              <tr>
                {head.map((cell, index) => (
                  <th key={index} scope="col">
                    {cellText(cell)}
                  </th>
                ))}
              </tr>
            </thead>
          )}
          <tbody>
            {rows.map((row, index) => (
              <tr key={index}>
                {row.map((cell, at) => (
                  <td key={at}>{lines(cellText(cell))}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      );
    }
    default:
      return null;
  }
}

/** A document of headings, lines and tables, as it prints. */
export function DocumentView({ nodes }: { nodes: readonly DocumentNode[] }) {
  return (
    <article className="document-view">
      {nodes.map((node, index) => (
        <Node key={index} node={node} />
      ))}
    </article>
  );
}
