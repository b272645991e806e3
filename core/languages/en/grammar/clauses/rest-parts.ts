/** What follows the verb of a clause. */
import type { TaggedToken } from '../tagging/tag-sentence';
import {
  alsoTransitive,
  becoming,
  givers,
  linking,
  nameOfPhrase,
  placeAdverbs,
  timeAdverbs,
  timeWords,
} from './adverbial';
import { agentOf } from './agent';
import type { Clause } from './clause';
import { nounPhraseEnd } from './noun-phrase';
import { complementInside, names, takesName, takesState } from './object-complement';
import type { ClausePart, PartName } from './part';
import { adjectivePhraseEnd, clauseEnd, phraseEnd } from './phrases';

/**
 * The object, the complement and the phrases of place, time, manner and reason after a verb; `taken`
 * is a preposition that goes with the verb.
 */
export function restParts(
  tokens: readonly TaggedToken[],
  rest: readonly TaggedToken[],
  clause: Clause,
  taken: readonly TaggedToken[] = [],
): ClausePart[] {
  const parts: ClausePart[] = [];
  const { group } = clause;
  const base = group.verb.base ?? group.verb.lower;
  const add = (name: PartName, list: readonly TaggedToken[]) => {
    if (list.length > 0) parts.push({ name, tokens: list });
  };
  const agent = group.passive ? agentOf(tokens, group.verb.at) : undefined;
  const limit = (rest[rest.length - 1]?.at ?? group.verb.at) + 1;
  let at = rest[0]?.at ?? limit;
  let objects = 0;
  const beAlone = base === 'be' && !group.passive;
  /** An adjective that follows now says what somebody or something is: is cold, went sour, found it empty. */
  // Looked after the roses: with a preposition of its own the verb links nothing.
  const linksNoun = linking.has(base) && !alsoTransitive.has(base) && taken.length === 0;
  const first = rest[0]?.lower ?? '';
  let links = group.passive
    ? takesState(base, first)
    : taken.length === 0 && (linking.has(base) || becoming.has(base));
  while (at < limit) {
    const token = tokens[at] as TaggedToken;
    if (agent && token.at === agent[0]?.at) {
      add('agent', agent);
      at += agent.length;
      continue;
    }
    const state = links ? adjectivePhraseEnd(tokens, at, limit) : undefined;
    if (state !== undefined) {
      add('complement', tokens.slice(at, state));
      at = state;
      continue;
    }
    const what = tells.has(base) && token.tag === 'relative' && asked.test(token.lower);
    if (what || token.tag === 'subordinator' || token.tag === 'that' || token.tag === 'question') {
      const name: PartName | undefined = /^(?:because|since|as|so)$/.test(token.lower)
        ? 'why'
        : /^(?:when|while|until|till|after|before|once|whenever)$/.test(token.lower)
          ? 'when'
          : /^(?:where|wherever)$/.test(token.lower) && (objects > 0 || placing.has(base))
            ? 'where'
            : token.tag === 'that' ||
                token.tag === 'question' ||
                token.lower === 'if' ||
                token.lower === 'whether'
              ? token.lower === 'if' && token.tag === 'subordinator' && clause.group.modal
                ? undefined
                : 'object'
              : undefined;
      // The trouble is that the pump leaks; he told me that he was tired.
      const heard = parts[parts.length - 1];
      const told =
        heard?.name === 'object' &&
        tells.has(base) &&
        (what || name === 'object' || (name === 'where' && token.tag === 'question'));
      if (told) parts[parts.length - 1] = { ...heard, name: 'to whom' };
      const said = told ? 'object' : name;
      if (said) add(said === 'object' && beAlone ? 'complement' : said, tokens.slice(at, limit));
      break;
    }
    // The play is sad, so do not go: what follows is another clause.
    if (token.lower === 'so' && tokens[at - 1]?.tag === 'comma') break;
    if (token.tag === 'to') {
      const verb = tokens[at + 1];
      const wants =
        /^(?:want|need|have|like|love|hate|try|hope|plan|decide|learn|forget|remember|begin|start|promise|agree|refuse|wish|seem|use|expect|help|manage|fail|offer|continue|prefer)$/.test(
          base,
        ) && objects === 0;
      const end = clauseEnd(tokens, at, limit);
      add(
        beAlone && objects === 0 ? 'complement' : wants ? 'object' : 'why',
        tokens.slice(at, verb ? end : limit),
      );
      at = end;
      continue;
    }
    if (token.tag === 'preposition') {
      // Sounds like a good plan; answered as politely as she could.
      const phrase = comparedEnd(tokens, at, limit) ?? phraseEnd(tokens, at, limit);
      const list = tokens.slice(at, phrase);
      const before = parts[parts.length - 1];
      if (before && belongsTo(before, token, beAlone)) {
        parts[parts.length - 1] = { ...before, tokens: [...before.tokens, ...list] };
        at = phrase;
        continue;
      }
      add(links && token.lower === 'like' ? 'complement' : nameOfPhrase(list, base), list);
      at = phrase;
      continue;
    }
    // As far as the tree; all over the world.
    const compared = token.tag === 'adverb' ? comparedEnd(tokens, at, limit) : undefined;
    if (compared !== undefined) {
      add('how', tokens.slice(at, compared));
      at = compared;
      continue;
    }
    // She bowled so fast that he missed it; keep it so that it stays dry.
    if (token.lower === 'so') {
      const graded =
        /^(?:adverb|adjective)$/.test(tokens[at + 1]?.tag ?? '') && tokens[at + 2]?.tag === 'that';
      if (graded || tokens[at + 1]?.tag === 'that') {
        add(graded ? 'how' : 'why', tokens.slice(at, limit));
        break;
      }
    }
    const around = /^(?:round|around|over|along|through|across)$/;
    if (token.lower === 'all' && around.test(tokens[at + 1]?.lower ?? '')) {
      const end = phraseEnd(tokens, at + 1, limit);
      add('where', tokens.slice(at, end));
      at = end;
      continue;
    }
    if (
      token.tag === 'adverb' &&
      nearing.test(token.lower) &&
      tokens[at + 1]?.tag === 'preposition'
    ) {
      const end = phraseEnd(tokens, at + 1, limit);
      add(nameOfPhrase(tokens.slice(at + 1, end), base), tokens.slice(at, end));
      at = end;
      continue;
    }
    if (token.tag === 'adverb' || token.tag === 'particle') {
      const name: PartName = timeAdverbs.test(token.lower)
        ? 'when'
        : placeAdverbs.test(token.lower) || token.tag === 'particle'
          ? 'where'
          : 'how';
      if (token.tag === 'adverb') add(name, [token]);
      at += 1;
      continue;
    }
    const end = nounPhraseEnd(tokens, at);
    if (end !== undefined && end > at) {
      links = false;
      let list = tokens.slice(at, end);
      const head = list[list.length - 1];
      if (
        head &&
        timeWords.test(head.lower) &&
        (objects > 0 ||
          list.some(({ lower }) => /^(?:every|last|next|this|that|all|each)$/.test(lower)))
      ) {
        add('when', list);
        at = end;
        continue;
      }
      // A relative clause belongs to its noun.
      let stop = end;
      // Told the police where the car was: what is told is no clause of the police.
      const told = tells.has(base) && asked.test(tokens[stop]?.lower ?? '');
      if (tokens[stop]?.tag === 'relative' && !told) stop = limit;
      // A cart full of hay.
      if (tokens[stop]?.lower === 'full' && tokens[stop + 1]?.lower === 'of')
        stop = adjectivePhraseEnd(tokens, stop, limit) ?? stop;
      list = tokens.slice(at, stop);
      const follow = nounPhraseEnd(tokens, stop);
      const second =
        follow !== undefined && follow <= limit && !timeWords.test(tokens[follow - 1]?.lower ?? '');
      const inside = objects === 0 && !group.passive ? complementInside(list, base) : undefined;
      if (inside !== undefined) {
        add('object', tokens.slice(at, inside));
        add('complement', tokens.slice(inside, stop));
        objects += 1;
        at = stop;
        continue;
      }
      if (
        objects === 0 &&
        second &&
        !group.passive &&
        takesName(base, tokens.slice(stop, follow))
      ) {
        add('object', list);
        add('complement', tokens.slice(stop, follow));
        objects += 1;
        at = follow;
        continue;
      }
      links = objects === 0 && !group.passive && takesState(base, tokens[stop]?.lower ?? '');
      if ((linksNoun && !group.passive) || (group.passive && names(base))) add('complement', list);
      else if (objects === 0 && givers.has(base) && second && !group.passive) add('to whom', list);
      else if (objects === 0 || parts[parts.length - 1]?.name === 'to whom') add('object', list);
      objects += 1;
      at = stop;
      continue;
    }
    if (token.tag === 'ing' && objects === 0) {
      const stop = clauseEnd(tokens, at, limit);
      add('object', tokens.slice(at, stop));
      objects += 1;
      at = stop;
      continue;
    }
    at += 1;
  }
  return parts;
}

/** Verbs of being or being put somewhere: a clause with where after them says the place. */
const placing = new Set(
  'hang live stay stand sit lie go grow wait meet stop land end sleep'.split(' '),
);

/** What opens a question that is told. */
const asked = /^(?:where|when|why|how|what)$/;

/** Verbs of telling: who is told stands before what. */
const tells = new Set('tell ask show warn remind teach promise inform persuade'.split(' '));

/** What makes a phrase of place or time nearer: right before the gate, all over the world. */
const nearing = /^(?:all|right|just|straight|deep|high|far|only|even|half|soon|shortly|long)$/;

/**
 * A story about owls, an elegant bird with a long neck: the phrase belongs to the noun before it.
 * With any verb but be only about is sure.
 */
function belongsTo({ name, tokens }: ClausePart, preposition: TaggedToken, be: boolean): boolean {
  const last = tokens[tokens.length - 1];
  if (!/^(?:object|complement)$/.test(name) || last?.at !== preposition.at - 1) return false;
  if (!/^(?:noun|nouns)$/.test(last.tag)) return false;
  return (
    preposition.lower === 'about' ||
    (be &&
      name === 'complement' &&
      /^(?:with|for|from|without|between|against)$/.test(preposition.lower))
  );
}

/** As politely as she could: an adverb between as and as. */
function comparedEnd(
  tokens: readonly TaggedToken[],
  at: number,
  limit: number,
): number | undefined {
  const [first, middle, last] = [tokens[at], tokens[at + 1], tokens[at + 2]];
  const compared = /^(?:adverb|adjective)$/.test(middle?.tag ?? '');
  if (first?.lower !== 'as' || !compared || last?.lower !== 'as') return undefined;
  return last.tag === 'preposition' ? phraseEnd(tokens, at + 2, limit) : limit;
}
