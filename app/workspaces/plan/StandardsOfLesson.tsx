import { useId, useState } from 'react';
import { Link } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import { makerName } from '~core/exercises/catalogue';
import type { Lesson } from '~core/records/lesson';
import { servedBy } from '~core/standards/coverage';
import { findStandards, setOf, standardsOfClass } from '~core/standards/of-class';
import { soughtBy, suggestionsFor, type SoughtWords } from '~core/standards/serves';
import { standardId, standardSets, type Standard } from '~core/standards/standard';
import { useAhead } from '~/ui/use-ahead';
import type { Send } from '../lesson/built-part';
import type { PlannedPart } from './planned';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

/** Standards that a search shows at once. */
const MOST_FOUND = 12;

const none: readonly string[] = [];

/** The search for the words of a standard. */
function wordsOf({ sounds, spellings, suffixes }: SoughtWords): URLSearchParams {
  const [spelling] = spellings;
  const [suffix] = suffixes;
  return new URLSearchParams([
    ...sounds.map((sound) => ['sound', sound]),
    ...(spelling === undefined ? [] : [['spelling', spelling]]),
    ...(suffix === undefined ? [] : [['suffix', suffix]]),
  ]);
}

/** Exercises and words that a standard suggests, one click from the lesson. */
function Suggested({ standard, lesson }: { standard: Standard; lesson: Lesson }) {
  const makers = suggestionsFor(standard.serves).slice(0, 4);
  const words = soughtBy(standard.serves);
  if (makers.length === 0 && words === undefined) return null;
  return (
    <p className="plan-suggested">
      {words !== undefined && (
        <Link to={`/words?${wordsOf(words).toString()}`}>{t('plan.itsWords')}</Link>
      )}
      {makers.map(({ maker }) => (
        <Link
          key={maker}
          to={`/lessons/${lesson.id}/add?stage=alone&find=${encodeURIComponent(makerName(maker))}`}
        >
          {coreName(makerName(maker))}
        </Link>
      ))}
    </p>
  );
}

/** The standards of a lesson: those chosen, and those that it serves by what it holds. */
export function StandardsOfLesson({
  lesson,
  profile,
  made,
  standards,
  send,
}: {
  lesson: Lesson;
  profile: ClassProfile;
  made: readonly PlannedPart[];
  standards: readonly Standard[];
  send: Send;
}) {
  const id = useId();
  const [sought, setSought] = useState('');
  const [chosen, set] = useAhead(lesson.plan?.standards ?? none, (next) =>
    send({ intent: 'plan', fields: { standards: next }, what: t('plan.theStandards') }),
  );
  const own = standardsOfClass(standards, profile.level);
  const served = servedBy(
    {
      chosen,
      exercises: made.flatMap(({ part, task }) =>
        task ? [{ maker: part.maker, parameters: part.parameters, task }] : [],
      ),
    },
    [
      ...own,
      ...standards.filter((each) => chosen.includes(standardId(each)) && !own.includes(each)),
    ],
  );
  // Those of the year come first; then those of the years around it, in the same set.
  const its = setOf(profile.level);
  const others = standards.filter(
    (each) => (each.set === its || !(each.set in standardSets)) && !own.includes(each),
  );
  const found =
    sought.trim() === '' ? [] : [...findStandards(own, sought), ...findStandards(others, sought)];
  const pick = (standard: Standard) =>
    set(
      chosen.includes(standardId(standard))
        ? chosen.filter((each) => each !== standardId(standard))
        : [...chosen, standardId(standard)],
    );
  return (
    <section className="card-paper" aria-labelledby={id}>
      <h2 className="h5" id={id}>
        {t('plan.standards')}
      </h2>
      <input
        type="search"
        className="form-control form-control-sm"
        aria-label={t('plan.findAStandard')}
        placeholder={t('plan.findAmongOfThisYear', { own: own.length })}
        value={sought}
        onChange={(event) => setSought(event.currentTarget.value)}
      />
      {sought.trim() !== '' && (
        <ul className="plan-standards" aria-label={t('plan.found')}>
          {found.slice(0, MOST_FOUND).map((standard) => (
            <li key={standardId(standard)}>
              <button
                type="button"
                className="btn btn-sm btn-outline-dark"
                aria-pressed={chosen.includes(standardId(standard))}
                onClick={() => pick(standard)}
              >
                {standard.code}
              </button>{' '}
              {standard.wording}
              {!own.includes(standard) && <span className="quiet small"> · {standard.grade}</span>}
            </li>
          ))}
          {found.length === 0 && <li className="quiet">{t('plan.noneHasTheseWords')}</li>}
          {found.length > MOST_FOUND && (
            <li className="quiet">
              {t('plan.moreWriteAnotherWord', { found: found.length - MOST_FOUND })}
            </li>
          )}
        </ul>
      )}
      <ul className="plan-standards" aria-label={t('plan.ofThisLesson')}>
        {served.slice(0, 8).map(({ standard, chosen: isChosen, whole }) => (
          <li key={standardId(standard)}>
            <strong>{standard.code}</strong> {standard.wording}{' '}
            <span className="quiet small">
              {isChosen
                ? t('plan.chosen')
                : whole
                  ? t('plan.servedByWhatIsIn')
                  : t('plan.partlyServed')}
            </span>{' '}
            <button
              type="button"
              className="btn btn-link btn-sm p-0"
              onClick={() => pick(standard)}
            >
              {isChosen ? t('plan.takeOut') : t('plan.choose')}
            </button>
            {isChosen && <Suggested standard={standard} lesson={lesson} />}
          </li>
        ))}
        {served.length === 0 && (
          <li className="quiet">
            {own.length === 0
              ? t('plan.noStandardsShipForThe')
              : t('plan.nothingInTheLessonServes')}
          </li>
        )}
      </ul>
    </section>
  );
}
