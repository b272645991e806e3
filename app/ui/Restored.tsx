import type { Draft } from './drafts';

export interface RestoredProps {
  readonly draft: Draft;
  readonly offered: boolean;
  readonly put: () => void;
  readonly close: () => void;
}

/** Says that something typed before the page was closed is back, or can be. */
export function Restored({ draft, offered, put, close }: RestoredProps) {
  return (
    <p className="message message--note mt-1 mb-0" role="status">
      {offered
        ? `You had typed here what could not be kept then: “${draft.text.slice(0, 200)}”. `
        : 'What you had typed before the page was closed is back, and is kept now. '}
      {offered && (
        <button type="button" className="btn btn-link btn-sm p-0 me-2" onClick={put}>
          Put it in
        </button>
      )}
      <button type="button" className="btn btn-link btn-sm p-0" onClick={close}>
        {offered ? 'Leave it' : 'Good'}
      </button>
    </p>
  );
}
