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

/** Who asks: by a name under which her place can be asked for, and until when she waits. */
export interface Asking {
  readonly ticket?: string | undefined;
  readonly leaving?: AbortSignal | undefined;
}

/** Whoever asked has left: nobody waits for the answer. */
export class LeftError extends Error {
  override readonly name = 'LeftError';
}

interface Waiting {
  readonly call: () => void;
  readonly ticket: string | undefined;
}

export class Queue {
  private running = 0;
  private readonly line: Waiting[] = [];
  private readonly atWork = new Set<string>();

  constructor(private readonly limits: QueueLimits) {}

  /**
   * @param work is told by the signal that nobody waits for it any more
   * @throws BusyError where too many wait, or the deadline has passed
   */
  async run<Result>(
    work: (signal: AbortSignal) => Promise<Result>,
    { ticket, leaving }: Asking = {},
  ): Promise<Result> {
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
      const onLeave = () => {
        stop.abort();
        reject(new LeftError('Nobody waits for this any more.'));
      };
      if (leaving?.aborted) onLeave();
      else leaving?.addEventListener('abort', onLeave, { once: true });
    });
    late.catch(() => undefined);
    try {
      const turn = this.turn(ticket);
      try {
        await Promise.race([turn.come, late]);
      } catch (error) {
        turn.leave();
        throw error;
      }
      if (ticket !== undefined) this.atWork.add(ticket);
      try {
        // Whoever left before her turn came is not worked for.
        if (stop.signal.aborted) return await late;
        return await Promise.race([work(stop.signal), late]);
      } finally {
        if (ticket !== undefined) this.atWork.delete(ticket);
        this.done();
      }
    } finally {
      clearTimeout(timer);
    }
  }

  /** The place of a ticket in the line: 1 for the next, 0 for one at work; undefined where it is not here. */
  placeOf(ticket: string): number | undefined {
    if (this.atWork.has(ticket)) return 0;
    const place = this.line.findIndex((each) => each.ticket === ticket);
    return place < 0 ? undefined : place + 1;
  }

  /** A place in the line; whoever leaves it gives it up, or what it was given meanwhile. */
  private turn(ticket: string | undefined): {
    readonly come: Promise<void>;
    readonly leave: () => void;
  } {
    if (this.running < this.limits.atOnce) {
      this.running += 1;
      return { come: Promise.resolve(), leave: () => this.done() };
    }
    let call: () => void = () => undefined;
    const come = new Promise<void>((resolve) => {
      call = resolve;
    });
    const mine: Waiting = { call: () => call(), ticket };
    this.line.push(mine);
    const leave = () => {
      const place = this.line.indexOf(mine);
      if (place >= 0) this.line.splice(place, 1);
      else this.done();
    };
    return { come, leave };
  }

  private done(): void {
    const next = this.line.shift();
    if (next) next.call();
    else this.running -= 1;
  }
}
