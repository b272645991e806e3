/** Work that may not pile up: so many at once, so many waiting, each with a deadline. */

/** There is too much to do, or it took too long; the message says what to do. */
export class BusyError extends Error {
  override readonly name = 'BusyError';
}

export interface QueueLimits {
  /** How many run at once, and how many may wait. */
  readonly atOnce: number;
  readonly waiting: number;
  /** Milliseconds from when it is asked for. */
  readonly deadline: number;
}

export class Queue {
  private running = 0;
  private readonly line: (() => void)[] = [];

  constructor(private readonly limits: QueueLimits) {}

  /**
   * @param work is told by the signal that nobody waits for it any more
   * @throws BusyError where too many wait, or the deadline has passed
   */
  async run<Result>(work: (signal: AbortSignal) => Promise<Result>): Promise<Result> {
    const { atOnce, waiting, deadline } = this.limits;
    if (this.running >= atOnce && this.line.length >= waiting) {
      throw new BusyError('The server has too much to do. Try again in a minute.');
    }
    const stop = new AbortController();
    let timer: ReturnType<typeof setTimeout> | undefined;
    const late = new Promise<never>((_, reject) => {
      timer = setTimeout(() => {
        stop.abort();
        reject(new BusyError('This took too long on the server. Try again with less at once.'));
      }, deadline);
    });
    try {
      const turn = this.turn();
      try {
        await Promise.race([turn.come, late]);
      } catch (error) {
        turn.leave();
        throw error;
      }
      try {
        return await Promise.race([work(stop.signal), late]);
      } finally {
        this.done();
      }
    } finally {
      clearTimeout(timer);
    }
  }

  /** A place in the line; whoever leaves it gives it up, or what it was given meanwhile. */
  private turn(): { readonly come: Promise<void>; readonly leave: () => void } {
    if (this.running < this.limits.atOnce) {
      this.running += 1;
      return { come: Promise.resolve(), leave: () => this.done() };
    }
    let call: () => void = () => undefined;
    const come = new Promise<void>((resolve) => {
      call = resolve;
    });
    this.line.push(call);
    const leave = () => {
      const place = this.line.indexOf(call);
      if (place >= 0) this.line.splice(place, 1);
      else this.done();
    };
    return { come, leave };
  }

  private done(): void {
    const next = this.line.shift();
    if (next) next();
    else this.running -= 1;
  }
}
