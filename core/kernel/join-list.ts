/** Joins words as a sentence does: `ai`, `ai and ay`, `ai, a–e and ay`. */
export function joinList(items: readonly string[], conjunction: 'and' | 'or'): string {
  if (items.length <= 1) return items.join('');
  return `${items.slice(0, -1).join(', ')} ${conjunction} ${items[items.length - 1]}`;
}
