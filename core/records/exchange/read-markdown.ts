/** Markdown (CommonMark) read with mdast: headings, paragraphs, hard line breaks, lists; the rest is named. */
import { fromMarkdown } from 'mdast-util-from-markdown';
import { toString } from 'mdast-util-to-string';
import { scriptNotes, tidyText, type IncomingText } from './incoming-text';
import { readHtml } from './read-markup';

type Node = ReturnType<typeof fromMarkdown>['children'][number];

const lostNames: Readonly<Record<string, string>> = {
  image: 'picture',
  code: 'piece of code',
  thematicBreak: 'line across the page',
  definition: 'link target',
};

/** Inline content, with hard breaks kept as line ends. */
function inline(node: unknown): string {
  const { type, children, value } = node as { type: string; children?: unknown[]; value?: string };
  if (type === 'break') return '\n';
  if (type === 'text' || type === 'inlineCode') return value ?? '';
  if (type === 'html') return readHtml(value ?? '').body;
  return (children ?? []).map(inline).join('');
}

export function readMarkdown(source: string): IncomingText {
  // YAML front matter, as many Markdown files have it.
  const front = /^---\n([\s\S]*?)\n---\n/.exec(source);
  const fields = Object.fromEntries(
    (front?.[1] ?? '').split('\n').flatMap((line) => {
      const [, name = '', value = ''] = /^(\w+):\s*["']?(.*?)["']?$/.exec(line) ?? [];
      return name === '' ? [] : [[name.toLowerCase(), value]];
    }),
  ) as Record<string, string>;
  const counts = new Map<string, number>();
  const parts: string[] = [];
  let title: string | undefined;
  const visit = (node: Node): void => {
    const lost = lostNames[node.type];
    if (lost !== undefined) counts.set(lost, (counts.get(lost) ?? 0) + 1);
    switch (node.type) {
      case 'heading':
        if (node.depth === 1 && title === undefined && parts.length === 0) title = toString(node);
        else parts.push(`${'#'.repeat(Math.min(3, node.depth))} ${toString(node)}`);
        return;
      case 'paragraph':
        for (const child of node.children)
          if (child.type === 'image') counts.set('picture', (counts.get('picture') ?? 0) + 1);
        parts.push(inline(node));
        return;
      case 'list':
        parts.push(node.children.map((item) => item.children.map(inline).join('\n')).join('\n'));
        return;
      case 'blockquote':
        node.children.forEach((child) => visit(child));
        return;
      case 'code':
        parts.push(node.value);
        return;
      case 'html': {
        const read = readHtml(node.value);
        if (read.body !== '') parts.push(read.body);
        for (const note of read.notes) counts.set(note, 0);
        return;
      }
      default:
        return;
    }
  };
  fromMarkdown(source.slice(front?.[0].length ?? 0)).children.forEach(visit);
  const body = tidyText(parts.join('\n\n'));
  const named = [...counts]
    .filter(([, count]) => count > 0)
    .map(([name, count]) => (count === 1 ? `a ${name}` : `${count} ${name}s`));
  const given = fields['title'] ?? title;
  return {
    body,
    ...(given ? { title: given } : {}),
    ...(fields['author'] ? { author: fields['author'] } : {}),
    ...((fields['year'] ?? fields['date']) ? { year: fields['year'] ?? fields['date'] ?? '' } : {}),
    ...(fields['source'] ? { source: fields['source'] } : {}),
    ...((fields['licence'] ?? fields['license'])
      ? { licence: fields['licence'] ?? fields['license'] ?? '' }
      : {}),
    notes: [
      ...(named.length > 0 ? [`Left out: ${named.join(', ')}.`] : []),
      ...[...counts].filter(([, count]) => count === 0).map(([note]) => note),
      ...scriptNotes(body),
    ],
  };
}
