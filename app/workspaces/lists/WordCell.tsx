import { useRef, useState } from 'react';
import { BsPencil } from 'react-icons/bs';
import { MarkedWord } from '~/ui/MarkedWord';
import { SpeakButton } from '~/ui/SpeakButton';
import type { WordTileData } from '~/workers/engine-service';
import { t } from '~/phrases/t';

interface WordCellProps {
  readonly tile: WordTileData;
  readonly accent: 'american' | 'british';
  readonly language: string;
  readonly onRespell: (to: string) => void;
}

/** A word of the list: heard, and written otherwise where it stands. */
export function WordCell({ tile: { word, units }, accent, language, onRespell }: WordCellProps) {
  const [draft, setDraft] = useState<string>();
  const opener = useRef<HTMLButtonElement>(null);
  const close = (to?: string) => {
    setDraft(undefined);
    const said = (to ?? '').trim().replace(/\s+/g, ' ');
    if (said !== '' && said !== word) onRespell(said);
    // The field is gone; who typed goes on where she began.
    requestAnimationFrame(() => opener.current?.focus());
  };
  if (draft !== undefined) {
    return (
      <input
        className="form-control form-control-sm learner-text"
        aria-label={t('lists.writeOtherwise', { word })}
        // It was asked for a moment ago.
        // eslint-disable-next-line jsx-a11y/no-autofocus
        autoFocus
        maxLength={80}
        value={draft}
        onFocus={(event) => event.currentTarget.select()}
        onChange={(event) => setDraft(event.currentTarget.value)}
        onBlur={() => close(draft)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') close(draft);
          if (event.key === 'Escape') close();
        }}
      />
    );
  }
  return (
    <>
      <MarkedWord units={units} />
      <span className="visually-hidden">{word}</span>{' '}
      <SpeakButton spoken={{ text: word, language, accent }} name={t('lists.say', { word })} />
      <button
        ref={opener}
        type="button"
        className="icon-button"
        aria-label={t('lists.writeOtherwise', { word })}
        onClick={() => setDraft(word)}
      >
        <BsPencil aria-hidden="true" />
      </button>
    </>
  );
}
