/** The common shape of every matching of words and partners: joined, turned over, or back to back. */
import { joinList } from '../texts/join-list';
import type { MatchTask } from './interactions/match';
import type { Maker, MakerGroup } from './maker';
import { partnerOf, type PartnerKind } from './partners';
import { numbered } from './usable-words';

export interface MatchMakerSettings extends Pick<
  Maker,
  'id' | 'name' | 'description' | 'needs' | 'replacements' | 'suggestions'
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

export function matchMaker(settings: MatchMakerSettings): Maker {
  const { partner: standard, cards, most, title, instruction, ...rest } = settings;
  const maker: Maker = {
    ...rest,
    interaction: 'match',
    fewestWords: 3,
    needsMeanings: standard === 'any' || standard === 'meaning',
    // Pictures are known by their English names.
    languages: standard === 'picture' ? ['en'] : ['en', 'fr', 'es', 'pt', 'ja', 'la', 'ru'],
    workedByDefault: cards === undefined,
    make(input) {
      const { words, parameters, random } = input;
      const kind = parameters.partner ?? standard;
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
        task: {
          interaction: 'match',
          pairs: numbered(
            chosen.map(({ word, partner }) => ({
              word,
              left: { id: word, text: word },
              partner: `right ${word}`,
              reason: partner.reason,
            })),
          ),
          rights: random.shuffle(
            chosen.map(({ word, partner: { text, picture } }) => ({
              id: `right ${word}`,
              text,
              ...(picture === undefined ? {} : { picture }),
            })),
          ),
          ...(cards === undefined ? {} : { cards }),
          ...(cards === 'backs' && parameters.duplex ? { edge: parameters.duplex } : {}),
        },
        notes,
      };
    },
  };
  return maker;
}
