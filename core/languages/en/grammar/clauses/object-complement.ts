/** What an object is called or made: painted the gate green, made Mina its leader, call the hill Old Tom. */
import type { TaggedToken } from '../tagging/tag-sentence';

/** Verbs after which a second noun says what the first is called or has been chosen as. */
const naming = new Set('call name christen elect appoint crown declare vote'.split(' '));

/** Verbs after which an adjective says what the object becomes or is taken to be. */
const making = new Set(
  'make keep leave find paint dye colour color turn consider think believe set hold drive push pull wipe get want prefer call declare'.split(
    ' ',
  ),
);

/** Who somebody is made: after make, anything else is what they are given. */
const roles =
  /^(?:leader|captain|president|chairman|chairwoman|king|queen|prince|princess|member|friend|hero|heroine|star|boss|chief|partner|head|manager|champion|knight|prisoner|slave|ruler|emperor|duke|mayor|judge|winner|expert)s?$/;

const colours =
  /^(?:red|green|blue|yellow|white|black|brown|pink|purple|orange|grey|gray|gold|silver)$/;
const states =
  /^(?:open|shut|clean|dry|warm|cool|cold|empty|level|straight|flat|loose|free|quiet|still|awake|alive)$/;

/** Verbs that bring something into a state of a few: pushed it open, wiped it clean, and not the cart full of hay. */
const moving = /^(?:push|pull|wipe|drive|hold|set)$/;

/** True where an adjective after the object belongs to it. */
export const takesState = (base: string, adjective: string): boolean =>
  making.has(base) && (!moving.test(base) || states.test(adjective));

/** True where what is done to somebody names them: was elected captain. */
export const names = (base: string): boolean => naming.has(base);

/** True where a second noun phrase is what the first is called or made. */
export function takesName(base: string, second: readonly TaggedToken[]): boolean {
  if (naming.has(base)) return true;
  const head = second[second.length - 1];
  return base === 'make' && head !== undefined && roles.test(head.lower);
}

/**
 * Where what was read as one noun phrase is an object and its complement, the place of the second:
 * the gate | green, the hill | Old Tom, her | captain; undefined where it is one.
 */
export function complementInside(list: readonly TaggedToken[], base: string): number | undefined {
  const last = list[list.length - 1];
  const [first] = list;
  if (first === undefined || last === undefined || list.length < 2) return undefined;
  const named = naming.has(base);
  if (first.lower === 'her' && list.length === 2 && (named || takesName(base, [last])))
    return list[1]?.at;
  if (list.length < 3 || first.tag !== 'determiner') return undefined;
  if (named) {
    const name = list.findIndex(({ tag }, at) => tag === 'name' && list[at - 1]?.tag === 'noun');
    if (name > 0) return list[name]?.at;
  }
  if (!making.has(base) || !/^nouns?$/.test(list[list.length - 2]?.tag ?? '')) return undefined;
  const coloured = /^(?:paint|dye|colou?r|turn|make)$/.test(base) && colours.test(last.lower);
  return coloured || states.test(last.lower) ? last.at : undefined;
}
