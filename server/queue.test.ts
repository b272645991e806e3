import { describe, expect, test } from 'vitest';
import { BusyError, LeftError, Queue } from './queue';

const later = () => {
  let finish: (value: string) => void = () => undefined;
  const promise = new Promise<string>((resolve) => {
    finish = resolve;
  });
  return { promise, finish };
};

describe('work for the server', () => {
  test('so much runs at once, the rest waits its turn', async () => {
    const queue = new Queue({ atOnce: 1, waiting: 2, deadline: 60_000 });
    const order: string[] = [];
    const first = later();
    const jobs = ['a', 'b', 'c'].map((name) =>
      queue.run(async () => {
        order.push(name);
        return name === 'a' ? first.promise : name;
      }),
    );
    await new Promise((resolve) => setTimeout(resolve, 5));
    expect(order).toEqual(['a']);
    first.finish('a');
    expect(await Promise.all(jobs)).toEqual(['a', 'b', 'c']);
    expect(order).toEqual(['a', 'b', 'c']);
  });

  test('more than may wait are turned away with what to do', async () => {
    const queue = new Queue({ atOnce: 1, waiting: 1, deadline: 60_000 });
    const first = later();
    const running = queue.run(() => first.promise);
    const waiting = queue.run(async () => 'b');
    await expect(queue.run(async () => 'c')).rejects.toThrow(/Try again in a minute/);
    first.finish('a');
    expect(await Promise.all([running, waiting])).toEqual(['a', 'b']);
  });

  test('what hangs is given up, told so, and holds up nobody', async () => {
    const queue = new Queue({ atOnce: 1, waiting: 1, deadline: 20 });
    let told = false;
    const hanging = queue.run(
      (signal) =>
        new Promise<never>(() => {
          signal.addEventListener('abort', () => {
            told = true;
          });
        }),
    );
    await expect(hanging).rejects.toThrow(BusyError);
    expect(told).toBe(true);
    expect(await queue.run(async () => 'next')).toBe('next');
  });

  test('whoever is late in the line leaves it, and takes no place', async () => {
    const queue = new Queue({ atOnce: 1, waiting: 2, deadline: 25 });
    const first = later();
    const running = queue.run(() => first.promise);
    const late = queue.run(async () => 'late');
    await expect(running).rejects.toThrow(BusyError);
    await Promise.allSettled([late]);
    expect(await queue.run(async () => 'next')).toBe('next');
    first.finish('a');
  });

  test('what fails makes room', async () => {
    const queue = new Queue({ atOnce: 1, waiting: 0, deadline: 60_000 });
    await expect(queue.run(() => Promise.reject(new Error('no')))).rejects.toThrow('no');
    expect(await queue.run(async () => 'next')).toBe('next');
  });
});

describe('the line', () => {
  const soon = () => new Promise((resolve) => setTimeout(resolve, 5));

  test('tells everyone her place', async () => {
    const queue = new Queue({ atOnce: 1, waiting: 5, deadline: 60_000 });
    const first = later();
    const jobs = ['a', 'b', 'c'].map((ticket) => queue.run(() => first.promise, { ticket }));
    await soon();
    expect(['a', 'b', 'c', 'd'].map((ticket) => queue.placeOf(ticket))).toEqual([
      0,
      1,
      2,
      undefined,
    ]);
    first.finish('done');
    await Promise.all(jobs);
    expect(queue.placeOf('a')).toBeUndefined();
  });

  test('who leaves it takes no place, and who leaves her work ends it', async () => {
    const queue = new Queue({ atOnce: 1, waiting: 5, deadline: 60_000 });
    const [atWork, waiting] = [new AbortController(), new AbortController()];
    let ended = false;
    const first = queue.run(
      (signal) =>
        new Promise<never>(() => {
          signal.addEventListener('abort', () => {
            ended = true;
          });
        }),
      { leaving: atWork.signal },
    );
    const second = queue.run(async () => 'second', { ticket: 'b', leaving: waiting.signal });
    const third = queue.run(async () => 'third');
    waiting.abort();
    await expect(second).rejects.toThrow(LeftError);
    expect(queue.placeOf('b')).toBeUndefined();
    atWork.abort();
    await expect(first).rejects.toThrow(LeftError);
    expect(ended).toBe(true);
    expect(await third).toBe('third');
    const gone = AbortSignal.abort();
    await expect(queue.run(async () => 'late', { leaving: gone })).rejects.toThrow(LeftError);
    expect(await queue.run(async () => 'next')).toBe('next');
  });
});
