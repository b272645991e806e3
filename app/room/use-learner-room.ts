import { useEffect, useRef, useState } from 'react';
import type { AnyResponse } from '~/faces/Face';
import { LearnerClient, type KeptLearner, type LearnerSees } from './learner-client';

const keyOf = (code: string) => `wordane in room ${code}`;

const storeOf = (code: string) => ({
  read: (): unknown => {
    try {
      return JSON.parse(localStorage.getItem(keyOf(code)) ?? 'null') ?? undefined;
    } catch {
      return undefined;
    }
  },
  write: (kept: KeptLearner) => {
    try {
      localStorage.setItem(keyOf(code), JSON.stringify(kept));
    } catch {
      // What the device cannot keep is sent all the same.
    }
  },
});

/** What is on the screen of each exercise, so that a reload goes on where it was. */
const workKey = (code: string) => `wordane work ${code}`;

export function readWork(code: string): Readonly<Record<string, AnyResponse>> {
  try {
    return (JSON.parse(localStorage.getItem(workKey(code)) ?? '{}') ?? {}) as Record<
      string,
      AnyResponse
    >;
  } catch {
    return {};
  }
}

export function writeWork(code: string, work: Readonly<Record<string, AnyResponse>>): void {
  try {
    localStorage.setItem(workKey(code), JSON.stringify(work));
  } catch {
    // The answers themselves are with the teacher.
  }
}

/** A learner's place in the room of a code. */
export function useLearnerRoom(code: string) {
  const [sees, setSees] = useState<LearnerSees>();
  const client = useRef<LearnerClient>(undefined);
  useEffect(() => {
    const opened = new LearnerClient(code, storeOf(code), setSees);
    client.current = opened;
    setSees(opened.present);
    return () => opened.leave();
  }, [code]);
  return { sees, client };
}
