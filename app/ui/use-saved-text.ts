import { useEffect, useRef, useState } from 'react';
import { useLocation } from 'react-router';
import { draftOf, dropDraft, keepDraft, type Draft } from './drafts';
import { done, wait } from './waiting';

/** While the typing goes on, it is saved this often, in milliseconds. */
const SAVE_AFTER = 1200;

export interface Saving<Basis> {
  /** Name of the field on its page. */
  readonly name: string;
  /** The text as it is kept. */
  readonly value: string;
  /** What an edit of it is made on: the record's revision, and whatever else sending needs. */
  readonly basis: Basis;
  readonly send: (text: string, basis: Basis) => void;
  /** What was sent last came to nothing: refused, against another tab's, or for want of room. */
  readonly failed: 'refused' | 'clash' | 'no room' | undefined;
}

/**
 * The one way in which a field saves itself: while it is typed in (counted from
 * the first key, not the last), when it is left, when the page goes away; what is
 * not kept yet comes back after a crash; what found no room is tried again.
 */
export function useSavedText<Basis>({ name, value, basis, send, failed }: Saving<Basis>) {
  const place = `${useLocation().pathname}#${name}`;
  const [draft, setDraft] = useState(value);
  /** What the field was last in step with. */
  const seen = useRef({ value, basis });
  const latest = useRef(value);
  const sent = useRef<string>(undefined);
  const focused = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  /** What was typed before a crash: put back, or offered where the text has changed since. */
  const [restored, setRestored] = useState<{ readonly draft: Draft; readonly offered: boolean }>();

  const show = (text: string) => {
    latest.current = text;
    setDraft(text);
  };
  const save = () => {
    clearTimeout(timer.current);
    timer.current = undefined;
    if (latest.current === seen.current.value || latest.current === sent.current) return;
    sent.current = latest.current;
    send(latest.current, seen.current.basis);
  };
  const saveNow = useRef(save);
  saveNow.current = save;
  const type = (text: string) => {
    show(text);
    keepDraft(place, { from: seen.current.value, text });
    timer.current ??= setTimeout(() => saveNow.current(), SAVE_AFTER);
  };

  const opened = useRef(false);
  const refused = useRef(false);
  useEffect(() => {
    // A draft of an earlier visit is looked at first, below.
    if (!opened.current) return;
    const own = value === sent.current;
    const unsaved = latest.current !== seen.current.value && latest.current !== sent.current;
    if (!own && unsaved && refused.current) {
      // What could not be saved makes room for what is there now, and can be had back.
      setRestored({ draft: { from: seen.current.value, text: latest.current }, offered: true });
    } else if (!own && (focused.current ? latest.current !== value : unsaved)) return;
    // What another tab writes shows at once, unless something here is still to be saved.
    seen.current = { value, basis };
    sent.current = undefined;
    if (latest.current === value || !own) {
      dropDraft(place);
      if (latest.current !== value) show(value);
    }
    // The basis goes with the value it belongs to.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [value, (basis as { revision?: number }).revision]);

  useEffect(() => {
    refused.current = failed === 'refused';
    if (failed === undefined) {
      done(place);
      return;
    }
    // It may be sent once more as it is.
    sent.current = undefined;
    if (failed === 'no room') wait(place, () => saveNow.current());
    else keepDraft(place, { from: seen.current.value, text: latest.current, refused: true });
    return () => done(place);
  }, [failed, place]);

  useEffect(() => {
    opened.current = true;
    const kept = draftOf(place);
    if (kept === undefined) return;
    if (kept.text === seen.current.value) dropDraft(place);
    else if (kept.from === seen.current.value && kept.refused !== true) {
      setRestored({ draft: kept, offered: false });
      type(kept.text);
    } else setRestored({ draft: kept, offered: true });
    // Once, when the field opens.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);

  useEffect(() => {
    const flush = () => saveNow.current();
    const onHidden = () => document.visibilityState === 'hidden' && flush();
    window.addEventListener('pagehide', flush);
    document.addEventListener('visibilitychange', onHidden);
    return () => {
      window.removeEventListener('pagehide', flush);
      document.removeEventListener('visibilitychange', onHidden);
      flush();
    };
  }, []);

  return {
    draft,
    type,
    save,
    onFocus: () => {
      focused.current = true;
    },
    onBlur: () => {
      focused.current = false;
      save();
    },
    /** Gives up what was typed since. */
    giveUp: () => {
      dropDraft(place);
      show(seen.current.value);
    },
    /** Takes what another tab has, as if it had been seen all along. */
    settle: (kept: string, on: Basis) => {
      seen.current = { value: kept, basis: on };
      sent.current = undefined;
      dropDraft(place);
      show(kept);
    },
    /** Saves over what another tab has. */
    insist: (text: string, on: Basis) => {
      show(text);
      sent.current = text;
      send(text, on);
    },
    restored: restored && {
      ...restored,
      put: () => {
        type(restored.draft.text);
        setRestored(undefined);
      },
      close: () => {
        if (restored.offered) dropDraft(place);
        setRestored(undefined);
      },
    },
  };
}
