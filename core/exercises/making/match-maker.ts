/** The common shape of every matching of words and partners: joined, turned over, or back to back. */
import { namesOfLanguages } from '../../kernel/language-name';
import { joinList } from '../../kernel/join-list';
import type { MatchTask } from '../interactions/match/task';
import type { Maker, MakerUse } from './maker';
import type { MakerGroup } from './maker-group';
import { choice, given, openChoice, read } from './parameters';
import { partnerKinds, partnerNames, partnerOf, type PartnerKind } from './partners';
import { matchTask } from './match-task';

export interface MatchMakerSettings
  extends
    MakerUse,
    Pick<
      Maker,
      'id' | 'name' | 'description' | 'needs' | 'replacements' | 'suggestions' | 'onScreen'
    > {
  readonly group: MakerGroup;
  /** What stands beside the word; the parameter `partner` may ask for another. */
  readonly partner: PartnerKind;
  readonly cards?: MatchTask['cards'];
  /** Most pairs of one sheet. */
  readonly most: number;
  readonly title: string;
  readonly instruction: string;
}

const languageOf = (language: string | undefined) => (language === undefined ? {} : { language });

export function matchMaker(settings: MatchMakerSettings): Maker {
  const { partner: standard, cards, most, title, instruction, ...rest } = settings;
  const declared = {
    partner: choice(
      'Beside the word',
      partnerKinds.map((kind) => [kind, partnerNames[kind]] as const),
      standard,
    ),
    duplex: choice(
      'The printer turns the paper over',
      [
        ['long', 'its long edge'],
        ['short', 'its short edge'],
      ],
      'long',
    ),
    front: openChoice('The front is in', 'the class’s language', namesOfLanguages),
    back: openChoice('The back is in', 'the class’s language', namesOfLanguages),
    card: choice(
      'Size of the cards',
      [
        ['fit', 'as many as a page holds'],
        ['a8', 'A8 (52 × 74 mm)'],
        ['a7', 'A7 (74 × 105 mm)'],
        ['a6', 'A6 (105 × 148 mm)'],
      ],
      'fit',
    ),
  };
  const maker: Maker = {
    ...rest,
    // Two columns to join have the partner they are named after.
    parameters:
      cards === undefined
        ? { partner: given<PartnerKind>('text') }
        : cards !== 'backs'
          ? { partner: declared.partner, front: declared.front, back: declared.back }
          : declared,
    interaction: 'match',
    fewestWords: 3,
    needsMeanings: standard === 'any' || standard === 'meaning',
    // Pictures are known by their English names.
    asks: standard === 'picture' ? ['words'] : [],
    workedByDefault: cards === undefined,
    isCards: cards !== undefined,
    make(input) {
      const { words, parameters, random } = input;
      // A meaning of the word bank is English, whatever the teacher's own backs are.
      const isOwn = (word: string) => {
        const { translation, definition } = parameters.beside?.[word] ?? {};
        return Boolean(translation) || Boolean(definition);
      };
      const { partner: kind, duplex, card, front, back } = read(declared, parameters);
      const taken = new Set<string>();
      const notes: { word?: string; text: string }[] = [];
      const used = words.flatMap((word) => {
        const partner = partnerOf(word, kind, input);
        const shown = typeof partner === 'string' ? '' : (partner.picture ?? partner.text);
        if (typeof partner === 'string' || taken.has(shown)) {
          const why =
            typeof partner === 'string' ? partner : 'has the same partner as another word';
          notes.push({ word: word.word, text: `${word.word} ${why}. It was left out.` });
          return [];
        }
        taken.add(shown);
        return [{ word: word.word, partner }];
      });
      const ordered = parameters.shuffle === false ? used : random.shuffle(used);
      const chosen = ordered.slice(0, most);
      if (ordered.length > most) {
        const left = ordered.slice(most).map(({ word }) => word);
        notes.push({
          text: `There is room for ${most} pairs: ${joinList(left, 'and')} were left out.`,
        });
      }
      return {
        title: parameters.title ?? title,
        instruction: parameters.instruction ?? instruction,
        worked: cards === undefined && (parameters.worked ?? maker.workedByDefault),
        task: matchTask(
          chosen.map(({ word, partner: { text, picture, reason } }) => ({
            word,
            left: word,
            ...languageOf(front),
            right: {
              text,
              ...(picture === undefined ? languageOf(isOwn(word) ? back : undefined) : { picture }),
            },
            reason,
          })),
          random,
          cards === undefined ? {} : { cards },
        ),
        ...(cards === 'backs'
          ? { paper: { edge: duplex, ...(card === 'fit' ? {} : { card }) } }
          : {}),
        notes,
      };
    },
  };
  return maker;
}
