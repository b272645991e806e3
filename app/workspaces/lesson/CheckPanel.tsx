import { useEffect, useRef, useState, type FormEvent } from 'react';
import { Button } from 'react-bootstrap';
import { BsCheckCircle, BsX } from 'react-icons/bs';
import type { ClassProfile } from '~core/classes/class-profile';
import type { MakerNote } from '~core/exercises/making/exercise';
import type { CheckedWord } from '~core/exercises/make-exercise';
import { makerInfo } from '~core/exercises/catalogue';
import type { ExercisePart, Send } from './built-part';
import { checkSays } from './check-says';
import { ExerciseOptions } from './ExerciseOptions';
import { ItemsByHand } from './ItemsByHand';
import { TryAnswer } from './TryAnswer';
import { PaperOptions } from './PaperOptions';
import { hasReach } from '~core/reach/check-material';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

function CheckCard({
  check,
  part,
  lit,
  fromWords,
  send,
}: {
  check: CheckedWord;
  part: string;
  lit: boolean;
  /** False where the words are those of a text, and none can be left out. */
  fromWords: boolean;
  send: Send;
}) {
  const card = useRef<HTMLElement>(null);
  useEffect(() => {
    if (lit) {
      card.current?.scrollIntoView({ block: 'nearest' });
      card.current?.focus();
    }
  }, [lit]);
  const { word, reach, reasons, swaps } = check;
  return (
    <article
      className={`check-card${lit ? ' check-card--lit' : ''}`}
      ref={card}
      tabIndex={-1}
      aria-label={`${word}: ${coreName(reach)}`}
    >
      <div className="d-flex justify-content-between align-items-baseline">
        <span className={`check-card__word reach-${reach}`}>{word}</span>
        <span className={`reach-tag reach-${reach}`}>{reach}</span>
      </div>
      <ul>
        {reasons.map((reason) => (
          <li key={reason.text}>{reason.text}</li>
        ))}
      </ul>
      {swaps.length > 0 && (
        <ul className="chips" aria-label={t('lesson.swapFor', { word })}>
          {swaps.map((swap) => (
            <li key={swap}>
              <button
                type="button"
                className="chip"
                aria-label={t('lesson.swapFor2', { word, swap })}
                onClick={() => send({ intent: 'swap', part, from: word, to: swap })}
              >
                {swap}
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="d-flex gap-3 mt-1">
        <button
          type="button"
          className="btn btn-link btn-sm p-0"
          aria-label={t('lesson.countAsKnown', { word })}
          onClick={() => send({ intent: 'known', word })}
        >
          {t('lesson.countAsKnown2')}
        </button>
        {fromWords && (
          <button
            type="button"
            className="btn btn-link btn-sm p-0"
            aria-label={t('lesson.leaveOut', { word })}
            onClick={() => send({ intent: 'remove-word', part, word })}
          >
            {t('lesson.leaveOut2')}
          </button>
        )}
      </div>
    </article>
  );
}

/** What the maker says; where it asks, each answer is a button. */
function Note({ note, part, send }: { note: MakerNote; part: string; send: Send }) {
  const { text, choices = [], word } = note;
  return (
    <div className="message message--note small mb-3">
      {text}
      {choices.length > 0 && (
        <ul className="chips mt-2" aria-label={text}>
          {choices.map(({ label, parameters, person }) => (
            <li key={label}>
              <button
                type="button"
                className="chip text-start"
                onClick={() =>
                  send(
                    person
                      ? { intent: 'called', ...person }
                      : {
                          intent: 'parameters',
                          part,
                          parameters,
                          label: t('lesson.choseFor', {
                            word: word ?? t('lesson.theExercise'),
                            label,
                          }),
                        },
                  )
                }
              >
                {label}
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

function Words({ open, send }: { open: ExercisePart; send: Send }) {
  const { part, suggestions } = open;
  const [word, setWord] = useState('');
  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    if (word.trim() !== '') send({ intent: 'add-word', part: part.id, word: word.trim() });
    setWord('');
  };
  return (
    <>
      <h3>{t('lesson.itsWords', { words: part.words.length })}</h3>
      <ul className="chips">
        {part.words.map((each) => (
          <li key={each}>
            <button
              type="button"
              className="chip chip--plain"
              aria-label={t('lesson.remove', { each })}
              onClick={() => send({ intent: 'remove-word', part: part.id, word: each })}
            >
              {each} <BsX aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <form className="d-flex gap-2 my-2" onSubmit={onSubmit}>
        <input
          className="form-control form-control-sm"
          aria-label={t('lesson.addAWordToThis')}
          placeholder={t('lesson.addAWord')}
          maxLength={80}
          value={word}
          onChange={(event) => setWord(event.currentTarget.value)}
        />
        <Button type="submit" size="sm" variant="outline-dark" disabled={word.trim() === ''}>
          {t('lesson.add')}
        </Button>
      </form>
      {suggestions.length > 0 && (
        <>
          <h3>{t('lesson.moreThatWouldFit')}</h3>
          <ul className="chips">
            {suggestions.map((each) => (
              <li key={each}>
                <button
                  type="button"
                  className="chip"
                  aria-label={t('lesson.add2', { each })}
                  onClick={() => send({ intent: 'add-word', part: part.id, word: each })}
                >
                  + {each}
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}

export interface CheckPanelProps {
  readonly profile: ClassProfile;
  readonly open: ExercisePart;
  /** The word that was clicked on the paper. */
  readonly lit: string | undefined;
  readonly send: Send;
}

/** What stands past the class's reach, why, and what could stand there instead. */
export function CheckPanel({ profile, open, lit, send }: CheckPanelProps) {
  const { exercise, checks, part } = open;
  const past = checks.filter((check) => check.reach !== 'secure');
  const ordered = [...past].sort(
    (left, right) => Number(right.reach === 'beyond') - Number(left.reach === 'beyond'),
  );
  const { keyed, open: openCount } = open.facts;
  const info = makerInfo(part.maker);
  // What is made from sentences has no words of the list to swap.
  const usesWords = info?.needsText !== true && info?.words !== 'none';
  return (
    <aside className="check-panel" aria-label={t('lesson.checkFor', { name: profile.name })}>
      <h2>{t('lesson.checkFor', { name: profile.name })}</h2>
      {exercise.notes.map((note) => (
        <Note key={note.text} note={note} part={part.id} send={send} />
      ))}
      {ordered.map((check) => (
        <CheckCard
          key={check.word}
          check={check}
          part={part.id}
          lit={check.word === lit}
          fromWords={usesWords}
          send={send}
        />
      ))}
      {exercise.short === undefined && (
        <div className="check-card d-flex gap-2">
          <BsCheckCircle className="text-success mt-1 flex-none" aria-hidden="true" />
          <span>
            {checkSays({
              keyed,
              open: openCount,
              words: checks.length,
              past: past.length,
              hasReach: hasReach(profile.language),
            })}
          </span>
        </div>
      )}
      {usesWords && <Words open={open} send={send} />}
      <ExerciseOptions open={open} send={send} />
      <TryAnswer key={part.id} open={open} profile={profile} />
      <ItemsByHand open={open} send={send} />
      <PaperOptions
        of="exercise"
        part={part}
        paper={open.sheet.paper}
        coloured={open.sheet.colour !== undefined}
        send={send}
      />
    </aside>
  );
}
