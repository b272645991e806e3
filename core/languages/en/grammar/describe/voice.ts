/** Active or passive: be with the participle of a verb that does something to its subject. */
import type { Clause } from '../clauses/clause';
import { hasAgent } from '../clauses/agent';
import { adjectivalParticiples } from '../tagging/readings';
import type { TaggedToken } from '../tagging/tag-sentence';
import { neverPassive } from '../tagging/verb-patterns';

export type Voice = 'active' | 'passive' | 'none';

/** Participles after be that as often say a state as a deed: closed, broken. */
const stateWords = new Set(
  'closed broken locked lost finished done gone covered filled surrounded shut hidden frozen packed crowded torn bent cracked ruined damaged flooded dressed made based known connected attached bound built'.split(
    ' ',
  ),
);
/** Of those, the ones that without by, place or time are read as a state. */
const barely = new Set(
  'closed broken locked lost finished done gone shut hidden frozen packed crowded torn bent cracked ruined dressed'.split(
    ' ',
  ),
);

export interface FoundVoice {
  readonly voice: Voice;
  readonly sure: boolean;
  /** The participle. */
  readonly participle?: TaggedToken;
}

export function voiceOf(tokens: readonly TaggedToken[], { group }: Clause): FoundVoice {
  const { verb } = group;
  if (group.passive) {
    const after = tokens[verb.at + 1];
    const by = hasAgent(tokens, verb.at);
    if (group.progressive) return { voice: 'passive', sure: true, participle: verb };
    // Will be lost, has been finished: with another auxiliary something happens to it.
    const event =
      (/^(?:lost|finished|deserted|packed)$/.test(verb.lower) &&
        (group.perfect || group.modal !== undefined)) ||
      // Packed in wooden crates, with people in it: things are put there.
      (verb.lower === 'packed' && /^(?:in|into|inside)$/.test(after?.lower ?? ''));
    if (adjectivalParticiples.has(verb.lower) && !by && !event)
      return { voice: 'active', sure: true };
    // The museum is closed on Mondays: what is so again and again is a state.
    const state =
      /^(?:closed|locked|shut)$/.test(verb.lower) &&
      !group.past &&
      !group.perfect &&
      group.modal === undefined;
    if (state && !by) return { voice: 'active', sure: false };
    if (
      adjectivalParticiples.has(verb.lower) &&
      /^(?:tired|bored|excited|interested|worried|married|used|gone)$/.test(verb.lower)
    )
      return { voice: 'active', sure: true };
    // He is used to loud music: what he is, not what is done with him.
    const wont =
      verb.lower === 'used' && after?.lower === 'to' && tokens[after.at + 1]?.tag !== 'base';
    if (wont) return { voice: 'active', sure: true };
    if (neverPassive.has(verb.base ?? '')) return { voice: 'active', sure: true };
    const very = tokens
      .slice(group.finite.at, verb.at)
      .some(({ lower }) => /^(?:very|so|too|quite|rather)$/.test(lower));
    if (very) return { voice: 'active', sure: true };
    const bare =
      after === undefined ||
      after.tag === 'stop' ||
      after.tag === 'comma' ||
      after.tag === 'and' ||
      after.tag === 'subordinator';
    if (bare && barely.has(verb.lower) && !group.perfect && group.modal === undefined)
      return { voice: 'active', sure: false };
    return { voice: 'passive', sure: by || !stateWords.has(verb.lower), participle: verb };
  }
  // Everyone was surprised by the news: a state that somebody brought about.
  const next = tokens[verb.at + 1];
  const moved = verb.base === 'be' && next !== undefined && adjectivalParticiples.has(next.lower);
  if (moved && tokens[next.at + 1]?.lower === 'by' && hasAgent(tokens, next.at)) {
    return { voice: 'passive', sure: false, participle: next };
  }
  // It got broken by the wind.
  if (verb.base === 'get' || verb.lower === 'got') {
    const next = tokens[verb.at + 1];
    if (next?.tag === 'participle' && hasAgent(tokens, next.at))
      return { voice: 'passive', sure: false, participle: next };
  }
  return { voice: 'active', sure: true };
}
