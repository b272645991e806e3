import type { ExerciseParameters } from '../../exercises/making/exercise';
import type { BlockKind, SheetBlock } from './sheet-block';

/** What the lesson is about, as far as it is known. */
export interface About {
  readonly title: string;
  readonly words: readonly string[];
  /** The sound that its exercises practise. */
  readonly sound?: string | undefined;
}

/** What exercises are about: their words, each once, and the first sound that one is made for. */
export function aboutOf(
  title: string,
  parts: readonly {
    readonly words: readonly string[];
    readonly parameters: ExerciseParameters;
  }[],
): About {
  const sounds = parts.map(({ parameters }) => parameters['sound']);
  return {
    title,
    words: [...new Set(parts.flatMap(({ words }) => words))],
    sound: sounds.find((sound): sound is string => typeof sound === 'string' && sound !== ''),
  };
}

/** Words that a new box takes. */
const MOST_WORDS = 12;

/** What a new block begins with, so that it shows something of the lesson at once. */
export function newBlock(kind: BlockKind, about: About): Omit<SheetBlock, 'id'> {
  switch (kind) {
    case 'heading':
      return { kind, text: 'Heading' };
    case 'text':
      return { kind, text: 'Write the text here.' };
    case 'words': {
      const words = about.words.slice(0, MOST_WORDS);
      return { kind, words: words.length > 0 ? words : ['rain', 'snow', 'wind'], pictures: true };
    }
    case 'rule':
      return {
        kind,
        size: 'small',
        topic: about.sound === undefined ? 'ending:ing' : `sound:${about.sound}`,
      };
    case 'picture':
      return { kind, text: about.words[0] ?? 'rainbow', size: 'medium' };
    case 'lines':
      return { kind, rows: 4 };
    case 'can-do':
      return { kind, text: 'read the words\nspell the words' };
    case 'qr':
      return { kind, text: about.title || 'Wordane' };
    default:
      return { kind };
  }
}
