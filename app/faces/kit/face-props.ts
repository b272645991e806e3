/** What every screen face is given. */
import type { Spoken } from '~core/practice/recording';
import type { CardProgress } from '../progress';
import type { SentenceCheck } from '~core/languages/shared/sentence-check';
import type { Verdict } from '~core/exercises/interactions/kit/verdict';

/** What a written text still lacks, and what was found in it, each as a sentence. */
export type ReadWriting = (
  text: string,
  check: SentenceCheck,
) => Promise<{ readonly missing: readonly string[]; readonly found: readonly string[] }>;

export interface FaceProps<Task, Response> {
  /** Whole, or as a learner gets it without answers. */
  readonly task: Task;
  readonly response: Response;
  readonly onResponse: (response: Response) => void;
  /** What is said of the items, by their ids; empty until it is to be said. */
  readonly verdicts: ReadonlyMap<string, Verdict>;
  /** Nothing can be changed any more. */
  readonly locked: boolean;
  /** Where a picture is. */
  readonly picture: (name: string) => string;
  /** Says what is read out for an item; not there where nothing can be heard. */
  readonly hear?: ((item: string) => void) | undefined;
  /** Reads what is written for all that was asked for; not there where grammar is not at hand. */
  readonly readWriting?: ReadWriting | undefined;
  /** Signs that the keyboard may not have. */
  readonly signs: readonly string[];
  /** What was said, by the ids of the items. */
  readonly recordings?: Readonly<Record<string, Spoken>> | undefined;
  /** Keeps what was said; not there where nothing is recorded. */
  readonly onRecording?: ((item: string, spoken: Spoken, response: Response) => void) | undefined;
  /** What is kept of cards beside what was answered. */
  readonly cards?: CardProgress | undefined;
  readonly onCards?: ((cards: CardProgress, response: Response) => void) | undefined;
}
