import { useId, useState, type FormEvent } from 'react';
import { Button } from 'react-bootstrap';
import { Link } from 'react-router';
import { makerInfo, makerName } from '~core/exercises/catalogue';
import { listed } from '~/phrases/interface-language';
import { useClassTexts } from './class-texts';
import type { ExercisePart, Send } from './built-part';
import { InteractionIcon } from './maker-icons';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

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
      <h3>{t('lesson.addWords')}</h3>
      {offered.length > 0 && (
        <p>
          <Button onClick={() => send({ intent: 'add-words', part: part.id, words: offered })}>
            {t('lesson.add3', { words: listed(offered) })}
          </Button>
        </p>
      )}
      <form className="d-flex gap-2" onSubmit={onSubmit}>
        <input
          className="form-control"
          aria-label={t('lesson.wordsOfYourOwnWith')}
          placeholder={t('lesson.wordsOfYourOwnWith')}
          maxLength={600}
          value={word}
          onChange={(event) => setWord(event.currentTarget.value)}
        />
        <Button type="submit" variant="outline-dark" disabled={word.trim() === ''}>
          {t('lesson.add')}
        </Button>
      </form>
    </li>
  );
}

function OtherMakers({ open: { part, others }, send }: { open: ExercisePart; send: Send }) {
  return (
    <li>
      <h3>{t('lesson.takeAnotherExerciseOfThe')}</h3>
      {others.length === 0 ? (
        <p className="quiet">{t('lesson.noneThatWordaneHasCan')}</p>
      ) : (
        <ul className="chips">
          {others.map((id) => (
            <li key={id}>
              <button
                type="button"
                className="chip"
                onClick={() =>
                  send({
                    intent: 'change-maker',
                    part: part.id,
                    maker: id,
                    name: coreName(makerName(id)),
                  })
                }
              >
                <InteractionIcon interaction={makerInfo(id)?.interaction ?? 'write'} />{' '}
                {coreName(makerName(id))}
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
      label: t('lesson.askedAbout', { title }),
    });
  return (
    <li>
      <h3>{text ? t('lesson.changeTheTextOrTake') : t('lesson.chooseAText2')}</h3>
      {text && (
        <p>
          <Link to={`/texts/${text.id}`}>{t('lesson.open', { title: text.title })}</Link>
        </p>
      )}
      {texts.length === 0 && <Link to="/texts">{t('lesson.bringATextIn')}</Link>}
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
      <h2 id={heading}>{t('lesson.notASheetYet2', { title: exercise.title })}</h2>
      <p className="short-sheet__missing">{exercise.short}</p>
      <ul>
        {ofWords && <AddWords open={open} send={send} />}
        {ofText && <TheText open={open} send={send} />}
        {(!ofText || part.parameters.textId !== undefined) && (
          <OtherMakers open={open} send={send} />
        )}
        {!ofText && (
          <li>
            <h3>{ofWords ? t('lesson.changeItsWords') : t('lesson.changeItsSentences')}</h3>
            <p>
              {t('lesson.theyStandInThePanel', {
                which: ofWords ? t('lesson.takeOutThoseThatDo') : t('lesson.oneToALine'),
              })}
            </p>
          </li>
        )}
      </ul>
    </section>
  );
}
