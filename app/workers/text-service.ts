/** What the engine does with texts. */
import { lightUpSmallWords } from '~core/languages/romance/light-up';
import { withSmallWords } from '~core/languages/romance/small-words';
import type { ClassProfile } from '~core/classes/class-profile';
import { analyseText, type TextAnalysis } from '~core/texts/analysis/analyse-text';
import type { SyllableCounter } from '~core/texts/analysis/syllable-count';
import { lightUp, type LitText } from '~core/languages/en/grammar/find/light-up';
import { findDevices, type TextDevices } from '~core/texts/devices/find-devices';
import { refitText, refitted, type Refit, type TextExchange } from '~core/texts/fit/refit';
import { swapInText } from '~core/texts/fit/swaps';
import { textReach, type TextReach } from '~core/texts/fit/text-reach';
import { courseTextReach, readsByCourse } from '~core/texts/fit/course-text-reach';
import { courseIndexOf } from '~core/reach/course-reach';
import { settledWords, type ReadingText } from '~core/texts/reading-text';
import { asRead } from '~core/texts/reading/as-read';
import { materialOf } from '~core/texts/reading/text-material';
import { senseInContext } from '~core/texts/reading/sense-in-context';
import { layOutText } from '~core/sheets/lay-out-text';
import type { Sheet } from '~core/sheets/sheet';
import type { Lexicon } from '~core/languages/en/lexicon/lexicon';
import type { Meanings } from '~core/languages/en/words/meanings';
import { speaks } from '~core/languages/registry/registry';

export class TextService {
  constructor(
    private readonly lexicon: Lexicon,
    private readonly syllables: SyllableCounter,
    private readonly meanings: Meanings,
  ) {}

  analyse(
    text: Pick<ReadingText, 'body' | 'kind' | 'language'>,
    profile: ClassProfile,
    onProgress?: (share: number) => void,
  ): TextAnalysis {
    return analyseText({
      text: text.body,
      lexicon: this.lexicon,
      syllables: this.syllables,
      profile,
      language: text.language,
      verse: text.kind === 'poem',
      onProgress,
    });
  }

  /** English by the word bank, another language by the course of a class that learns it, or not at all. */
  reach(text: ReadingText, profile: ClassProfile): TextReach {
    if (!speaks(text.language, 'words')) {
      const index = readsByCourse(text.language, profile) ? courseIndexOf(profile) : undefined;
      return index
        ? courseTextReach(text.body, profile, index, settledWords(text))
        : { spans: [], words: [], total: 0, secure: 0 };
    }
    return textReach({
      text: text.body,
      profile,
      lexicon: this.lexicon,
      meanings: this.meanings,
      verse: text.kind === 'poem',
      settled: settledWords(text),
    });
  }

  /** What would become of a text for another class; nothing where it is of no language with levels. */
  refit(text: ReadingText, profile: ClassProfile): Refit {
    if (!speaks(text.language, 'words')) return { exchanges: [], kept: [] };
    return refitText({
      text: text.body,
      profile,
      lexicon: this.lexicon,
      meanings: this.meanings,
      verse: text.kind === 'poem',
      settled: settledWords(text),
    });
  }

  refitted(body: string, exchanges: readonly TextExchange[]): string {
    return refitted(body, exchanges, this.lexicon);
  }

  /** The grammar of a text, or of a part of a long one; found in English so far. */
  grammar(text: Pick<ReadingText, 'body' | 'kind' | 'language'>): LitText {
    const romance = withSmallWords(text.language);
    if (romance) {
      return { forms: lightUpSmallWords(text.body, romance), tenses: [], doubts: 0 };
    }
    if (!speaks(text.language, 'words')) return { forms: [], tenses: [], doubts: 0 };
    return lightUp(text.body, this.lexicon, text.kind === 'poem' ? true : undefined);
  }

  devices(text: Pick<ReadingText, 'body' | 'kind'>): TextDevices {
    return findDevices(text.body, this.lexicon, this.syllables, text.kind === 'poem');
  }

  swapped(body: string, place: { start: number; end: number }, word: string): string {
    return swapInText(body, place, word, this.lexicon);
  }

  /** The meaning that fits where the word stands, to begin a gloss with. */
  meaningHere(body: string, place: { start: number; end: number }): string {
    const around = body.slice(Math.max(0, place.start - 120), place.end + 120);
    const word = body.slice(place.start, place.end);
    return senseInContext(word, around, body, this.meanings, this.lexicon)?.definition ?? '';
  }

  layOut(text: ReadingText, profile: ClassProfile, footer: string): Sheet {
    return layOutText(
      asRead(materialOf(text), profile),
      text.reading ?? {},
      profile,
      footer,
      text.layout,
      this.lexicon,
    );
  }
}
