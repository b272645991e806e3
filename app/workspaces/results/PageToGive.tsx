import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { BsPrinter } from 'react-icons/bs';
import { Link } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import type { Lesson } from '~core/records/lesson';
import { phrases, phrasesOf, withNumbers } from '~core/practice/phrases';
import { OwnPaper } from '~/ui/OwnPaper';
import { familyPage } from '~core/results/family-page';
import { familyPhrasesOf } from '~core/results/family-phrases';
import type { GivenExercise, LearnerResult } from '~core/results/results-of';
import { t } from '~/phrases/t';

/** A page for a learner or a family: what went well, what comes next, and what the teacher says. */
export function PageToGive({
  lesson,
  profile,
  exercises,
  result,
}: {
  lesson: Lesson;
  profile: ClassProfile;
  exercises: readonly GivenExercise[];
  result: LearnerResult;
}) {
  const home = profile.roster.find(({ name }) => name === result.learner)?.home;
  const [language, setLanguage] = useState(home !== undefined && home in phrases ? home : 'en');
  const says = familyPhrasesOf(language);
  const { direction, score } = phrasesOf(language);
  const page = familyPage(result, exercises);
  const remarks = (lesson.remarks ?? []).filter(
    ({ learner, text }) => learner === result.learner && text.trim() !== '',
  );
  const words = (list: readonly string[]) => (
    <p className="give-words learner-text" lang={profile.language} dir="ltr">
      {list.map((word) => (
        <span key={word}>{word}</span>
      ))}
    </p>
  );
  return (
    <div className="page results prints-itself">
      <OwnPaper paper={profile.paper} />
      <p className="mb-2 no-print">
        <Link to={`/lessons/${lesson.id}/results`}>
          {t('results.resultsOf', { title: lesson.title })}
        </Link>
      </p>
      <div className="d-flex flex-wrap gap-3 align-items-center mb-3 no-print">
        <h1 className="h4 mb-0 me-auto">{t('results.aPageFor', { learner: result.learner })}</h1>
        <label className="d-flex gap-2 align-items-center">
          {t('results.in')}
          <select
            aria-label={t('results.languageOfThePage')}
            className="form-select form-select-sm"
            value={language}
            onChange={(event) => setLanguage(event.currentTarget.value)}
          >
            {Object.entries(phrases).map(([tag, { name }]) => (
              <option key={tag} value={tag} lang={tag}>
                {name}
              </option>
            ))}
          </select>
        </label>
        <Button onClick={() => window.print()}>
          <BsPrinter aria-hidden="true" /> {t('results.print')}
        </Button>
      </div>
      <article className="give" lang={language} dir={direction}>
        <header>
          <h2>{result.learner}</h2>
          <p>
            {lesson.title} · {profile.name}
          </p>
        </header>
        <p className="give-score">{withNumbers(score, { n: page.score, of: page.outOf })}</p>
        {page.right.length > 0 && (
          <section>
            <h3>{says.wentWell}</h3>
            {words(page.right)}
          </section>
        )}
        <section>
          <h3>{says.next}</h3>
          {page.practise.length === 0 ? (
            <p>{says.nothing}</p>
          ) : (
            <>
              {words(page.practise)}
              <ol>
                <li>{says.read}</li>
                <li>{says.write}</li>
                <li>{says.find}</li>
              </ol>
              {/* Rules are said in the language that is taught. */}
              {language === profile.language &&
                page.errors.map(({ error, rule }) => <p key={error}>{rule}</p>)}
            </>
          )}
        </section>
        {remarks.length > 0 && (
          <section>
            <h3>{says.remark}</h3>
            {remarks.map(({ exercise, item, text }) => (
              <p key={`${exercise} ${item}`} dir="auto">
                {text}
              </p>
            ))}
          </section>
        )}
      </article>
    </div>
  );
}
