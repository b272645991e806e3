import { useId, useState, type FormEvent } from 'react';
import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import { makerInfo, makerName } from '~core/exercises/catalogue';
import { joinList } from '~core/kernel/join-list';
import { useClassTexts } from './class-texts';
import type { ExercisePart, Send } from './built-part';
import { InteractionIcon } from './maker-icons';

/** Most words offered at once: as many as bring an exercise to life. */
const OFFERED = 6;

function AddWords({ open: { part, suggestions }, send }: { open: ExercisePart; send: Send }) {
  const [word, setWord] = useState('');
  const offered = suggestions.slice(0, OFFERED);
  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    const words = word.split(/[,;\n]+/).flatMap((each) => (each.trim() ? [each.trim()] : []));
    if (words.length > 0) send({ intent: 'add-words', part: part.id, words });
    setWord('');
  };
  return (
    <li>
      <h3>Add words</h3>
      {offered.length > 0 && (
        <p>
          <Button onClick={() => send({ intent: 'add-words', part: part.id, words: offered })}>
            Add {joinList(offered, 'and')}
          </Button>
        </p>
      )}
      <form className="d-flex gap-2" onSubmit={onSubmit}>
        <input
          className="form-control"
          aria-label="Words of your own, with commas between"
          placeholder="Words of your own, with commas between"
          maxLength={600}
          value={word}
          onChange={(event) => setWord(event.currentTarget.value)}
        />
        <Button type="submit" variant="outline-dark" disabled={word.trim() === ''}>
          Add
        </Button>
      </form>
    </li>
  );
}

function OtherMakers({ open: { part, others }, send }: { open: ExercisePart; send: Send }) {
  return (
    <li>
      <h3>Take another exercise of the same material</h3>
      {others.length === 0 ? (
        <p className="quiet">None that Wordane has can be made from this.</p>
      ) : (
        <ul className="chips">
          {others.map((id) => (
            <li key={id}>
              <button
                type="button"
                className="chip"
                onClick={() =>
                  send({ intent: 'change-maker', part: part.id, maker: id, name: makerName(id) })
                }
              >
                <InteractionIcon interaction={makerInfo(id)?.interaction ?? 'write'} />{' '}
                {makerName(id)}
              </button>
            </li>
          ))}
        </ul>
      )}
    </li>
  );
}

/** The text it is made from: opened to be changed, or chosen where there is none. */
function TheText({ open: { part }, send }: { open: ExercisePart; send: Send }) {
  const texts = useClassTexts();
  const text = texts.find(({ id }) => id === part.parameters.textId);
  const others = texts.filter((each) => each !== text);
  const choose = ({ id, title }: (typeof texts)[number]) =>
    send({
      intent: 'parameters',
      part: part.id,
      parameters: { textId: id, section: null },
      label: `Asked about ${title}`,
    });
  return (
    <li>
      <h3>{text ? 'Change the text, or take another' : 'Choose a text'}</h3>
      {text && (
        <p>
          <Link to={`/texts/${text.id}`}>Open {text.title}</Link>
        </p>
      )}
      {texts.length === 0 && <Link to="/texts">Bring a text in</Link>}
      <ul className="chips">
        {others.map((each) => (
          <li key={each.id}>
            <button type="button" className="chip" onClick={() => choose(each)}>
              {each.title}
            </button>
          </li>
        ))}
      </ul>
    </li>
  );
}

/** Where there is too little for a sheet: what is missing, and the ways on, in the paper's place. */
export function ShortSheet({ open, send }: { open: ExercisePart; send: Send }) {
  const { exercise, part } = open;
  const info = makerInfo(part.maker);
  const heading = useId();
  const ofText = info?.needsText === true || part.parameters.textId !== undefined;
  const ofWords = !ofText && info?.words !== 'none';
  return (
    <section className="short-sheet" aria-labelledby={heading}>
      <h2 id={heading}>{exercise.title}: not a sheet yet</h2>
      <p className="short-sheet__missing">{exercise.short}</p>
      <ul>
        {ofWords && <AddWords open={open} send={send} />}
        {ofText && <TheText open={open} send={send} />}
        {(!ofText || part.parameters.textId !== undefined) && (
          <OtherMakers open={open} send={send} />
        )}
        {!ofText && (
          <li>
            <h3>{ofWords ? 'Change its words' : 'Change its sentences'}</h3>
            <p>
              They stand in the panel beside
              {ofWords ? '; take out those that do not fit.' : ', one to a line.'}
            </p>
          </li>
        )}
      </ul>
    </section>
  );
}
