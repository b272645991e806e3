/** Japanese taken apart into its words, in a process of its own that ends when nobody asks. */
import { fork, type ChildProcess } from 'node:child_process';
import { join } from 'node:path';
import type { JapaneseToken } from '../core/languages/ja/japanese-token';
import { Queue } from './queue';

/** Characters that are taken apart at once. */
export const LONGEST_JAPANESE = 20_000;
/** After so long without a question the process ends. */
const IDLE = 5 * 60_000;

interface Answer {
  readonly id: number;
  readonly tokens?: readonly JapaneseToken[];
  readonly error?: string;
}

let running: ChildProcess | undefined;
let ending: ReturnType<typeof setTimeout> | undefined;
let asked = 0;
const waiting = new Map<number, (answer: Answer) => void>();

/** Ends the process; the next text starts another. */
export function stopAnalysing(): void {
  clearTimeout(ending);
  running?.kill();
  running = undefined;
}

function analyser(): ChildProcess {
  clearTimeout(ending);
  ending = setTimeout(stopAnalysing, IDLE);
  ending.unref();
  if (running !== undefined) return running;
  const started = fork(join(process.cwd(), 'server/japanese-process.mjs'), {
    serialization: 'json',
  });
  started.on('message', (answer: Answer) => waiting.get(answer.id)?.(answer));
  started.on('exit', () => {
    if (running === started) running = undefined;
    for (const [id, tell] of waiting) tell({ id, error: 'The analysis has stopped.' });
  });
  // It does not keep the server alive by itself.
  started.unref();
  started.channel?.unref();
  running = started;
  return started;
}

const queue = new Queue({ atOnce: 2, waiting: 20, deadline: 30_000 });

/**
 * The words of a text with their readings.
 *
 * @throws BusyError where too many ask, Error where it cannot be taken apart
 */
export function analyseJapanese(text: string): Promise<readonly JapaneseToken[]> {
  return queue.run(
    (signal) =>
      new Promise((resolve, reject) => {
        const id = (asked += 1);
        const settle = (answer: Answer) => {
          waiting.delete(id);
          if (answer.tokens) resolve(answer.tokens);
          else reject(new Error(answer.error ?? 'The text could not be taken apart.'));
        };
        waiting.set(id, settle);
        signal.addEventListener('abort', () => waiting.delete(id), { once: true });
        analyser().send({ id, text });
      }),
  );
}
