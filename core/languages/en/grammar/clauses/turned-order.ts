/** The subject behind its verb: in the corner sat two owls, here comes the bus. */
import type { TaggedToken } from '../tagging/tag-sentence';
import type { Clause } from './clause';
import { nounPhraseEnd } from './noun-phrase';

/** Verbs of being somewhere and of moving there: they have no object that could stand behind them. */
const verbs =
  /^(?:be|stand|sit|lie|hang|live|come|go|run|roll|rise|lead|flow|lurk|wait|crouch|appear|swim|sail|fly|march|walk|rush|tumble|stretch|shine|grow)$/;

const opens =
  /^(?:in|on|at|behind|beside|below|beneath|above|over|under|underneath|near|next|down|up|along|across|through|round|around|between|among|inside|outside|beyond|off|out|into|from|by|opposite|past)$/;

/** Where to, in a word: here comes, there goes, away ran. */
const alone = /^(?:here|there|away|off|out|down|up|in|back)$/;

export interface TurnedOrder {
  readonly lead: readonly TaggedToken[];
  readonly subject: readonly TaggedToken[];
}

/** The place in front and the subject behind; undefined where the order is the usual one. */
export function turnedOrder(
  tokens: readonly TaggedToken[],
  { group }: Clause,
  from: number,
): TurnedOrder | undefined {
  const { finite, verb } = group;
  if (group.imperative || group.inverted || finite !== verb) return undefined;
  if (!verbs.test(verb.base ?? verb.lower) || !/^(?:past|present|third|be)$/.test(finite.tag))
    return undefined;
  const lead = tokens.slice(from, finite.at);
  const [first] = lead;
  if (first === undefined) return undefined;
  const place =
    opens.test(first.lower) && lead.length > 1 && nounPhraseEnd(tokens, from + 1) === finite.at;
  if (!place && !(lead.length === 1 && alone.test(first.lower) && first.tag === 'adverb'))
    return undefined;
  const end = nounPhraseEnd(tokens, verb.at + 1);
  const head = tokens[verb.at + 1];
  if (end === undefined || head === undefined || /^pronoun/.test(head.tag)) return undefined;
  return { lead, subject: tokens.slice(verb.at + 1, end) };
}
