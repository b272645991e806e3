/** The agent of a passive: by and who or what does it. */
import type { TaggedToken } from '../tagging/tag-sentence';

const places = new Set(
  'computer machine letter taxi plane ship ferry road rail sea air satellite email telephone cheque card bike bicycle lorry van door gate window wall river road path bridge sea fire bed side shore lake stream hedge fence tree noon night midnight tomorrow then now hand car bus train boat foot mistake accident heart chance post email phone'.split(
    ' ',
  ),
);

/** By and who or what does it, after the participle at `at`. */
export function hasAgent(tokens: readonly TaggedToken[], at: number): boolean {
  return agentOf(tokens, at) !== undefined;
}

/** The tokens of the agent with its by; undefined where by says a place, a time or a means. */
export function agentOf(
  tokens: readonly TaggedToken[],
  at: number,
): readonly TaggedToken[] | undefined {
  for (let index = at + 1; index < tokens.length; index += 1) {
    const token = tokens[index] as TaggedToken;
    if (token.tag === 'stop' || token.tag === 'subordinator' || token.tag === 'relative')
      return undefined;
    if (token.lower !== 'by' || token.tag !== 'preposition') continue;
    const phrase: TaggedToken[] = [token];
    for (let next = index + 1; next < tokens.length; next += 1) {
      const part = tokens[next] as TaggedToken;
      if (
        !/^(?:determiner|possessive|adjective|number|noun|nouns|name|pronoun|pronoun-object|participle)$/.test(
          part.tag,
        ) &&
        !(
          part.tag === 'adverb' &&
          next === index + 2 &&
          /^(?:adjective|participle)$/.test(tokens[next + 1]?.tag ?? '')
        ) &&
        !(
          part.tag === 'and' &&
          /^(?:determiner|noun|nouns|name|adjective)$/.test(tokens[next + 1]?.tag ?? '')
        )
      )
        break;
      phrase.push(part);
    }
    const head = phrase[phrase.length - 1] as TaggedToken;
    if (
      phrase.length > 1 &&
      !places.has(head.lower) &&
      !/^\d|^(?:monday|tuesday|wednesday|thursday|friday|saturday|sunday)$/.test(head.lower) &&
      head.tag !== 'number'
    )
      return phrase;
  }
  return undefined;
}
