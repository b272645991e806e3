import { useState } from 'react';
import { pairsOf } from '~core/room/pairs';
import type { TeacherClient, TeacherSees } from './teacher-client';
import { t } from '~/phrases/t';

/** Everybody gets a partner and a prompt on the screen. */
export function Pairs({ sees, client }: { sees: TeacherSees; client: TeacherClient | undefined }) {
  const [prompt, setPrompt] = useState('');
  const [made, setMade] = useState<readonly string[]>([]);
  const pair = () => {
    const here = sees.room.members.filter((member) => member.here && member.name !== '');
    const pairs = pairsOf(here, Date.now() % 1_000_000);
    for (const together of pairs) {
      for (const member of together) {
        const partners = together.filter((each) => each !== member).map(({ name }) => name);
        client?.pair(member.id, { partners, prompt: prompt.trim() });
      }
    }
    setMade(pairs.map((together) => together.map(({ name }) => name).join(' and ')));
  };
  const end = () => {
    for (const { id } of sees.room.members) client?.pair(id, { partners: [], prompt: '' });
    setMade([]);
  };
  return (
    <details className="room-fold">
      <summary>{t('room.talkInPairs')}</summary>
      <label className="d-block my-2">
        {t('room.aboutWhat')}
        <input
          className="form-control form-control-sm"
          maxLength={200}
          value={prompt}
          onChange={(event) => setPrompt(event.currentTarget.value)}
        />
      </label>
      <button type="button" className="btn btn-sm btn-dark" onClick={pair}>
        {made.length > 0 ? t('room.othersTogether') : t('room.putThemTogether')}
      </button>{' '}
      {made.length > 0 && (
        <button type="button" className="btn btn-sm btn-outline-dark" onClick={end}>
          {t('room.endTheTalk')}
        </button>
      )}
      <ul className="small mt-2 mb-0" role="status">
        {made.map((each) => (
          <li key={each}>{each}</li>
        ))}
      </ul>
    </details>
  );
}
