/** Changes that found no room: they wait, are shown as waiting, and are tried again. */
import { useSyncExternalStore } from 'react';

/** Milliseconds after which what waits is tried again by itself. */
const AGAIN_AFTER = 5_000;

const waiting = new Map<string, () => void>();
const listeners = new Set<() => void>();
let timer: ReturnType<typeof setInterval> | undefined;

const tell = () => listeners.forEach((listener) => listener());

/** Tries all that waits once more. */
export const tryAgain = () => [...waiting.values()].forEach((again) => again());

/** Lets a change wait under its place; a newer one of the same place takes its turn. */
export function wait(place: string, again: () => void): void {
  waiting.set(place, again);
  timer ??= setInterval(tryAgain, AGAIN_AFTER);
  tell();
}

/** It was kept after all, or was given up. */
export function done(place: string): void {
  if (!waiting.delete(place)) return;
  if (waiting.size === 0) {
    clearInterval(timer);
    timer = undefined;
  }
  tell();
}

/** How many changes wait for room. */
export const useWaiting = () =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => waiting.size,
    () => 0,
  );
