import { useState } from 'react';
import { useNavigate } from 'react-router';
import { codeFrom } from '~core/room/messages';
import { t } from '~/phrases/t';

/** Where a learner writes the code that stands on the board. */
export function JoinRoom() {
  const navigate = useNavigate();
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState('');
  return (
    <div className="room-door">
      <form
        className="card-paper room-door__form"
        onSubmit={(event) => {
          event.preventDefault();
          const code = codeFrom(typed);
          if (code) void navigate(`/room/${code}`);
          else setProblem(t('room.aCodeHasSixLetters'));
        }}
      >
        <h1>{t('room.comeIn')}</h1>
        <label>
          {t('room.theCodeOnTheBoard')}
          <input
            className="form-control room-code-field"
            autoComplete="off"
            autoCapitalize="characters"
            spellCheck={false}
            maxLength={12}
            value={typed}
            aria-describedby={problem ? 'room-problem' : undefined}
            onChange={(event) => setTyped(event.currentTarget.value)}
          />
        </label>
        {problem && (
          <p className="message" role="alert" id="room-problem">
            {problem}
          </p>
        )}
        <button type="submit" className="play-button play-button--main">
          {t('room.comeIn')}
        </button>
      </form>
    </div>
  );
}
