import { useState } from 'react';
import { useNavigate } from 'react-router';
import { codeFrom } from '~core/room/messages';

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
          else setProblem('A code has six letters and figures, such as KF4-7TB. Look once more.');
        }}
      >
        <h1>Come in</h1>
        <label>
          The code on the board
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
          Come in
        </button>
      </form>
    </div>
  );
}
