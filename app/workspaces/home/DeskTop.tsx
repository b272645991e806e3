import { Link } from 'react-router';
import { BsBook, BsFonts, BsPlusLg } from 'react-icons/bs';
import type { Desk } from './desk-of';
import { Due } from './Due';
import { LessonCard } from './LessonCard';
import { ThisWeek } from './ThisWeek';
import { t } from '~/phrases/t';

const MOST_LESSONS = 6;
const MOST_OTHERS = 6;

/** What a lesson can begin with, where there is room to say so. */
const starts = [
  [t('home.fromWords'), t('home.recalledModelledPractised')],
  [t('home.fromAText'), t('home.beforeWhileAndAfterReading')],
  [t('home.fromAGrammarTarget'), t('home.itsRuleFoundPractisedUsed')],
  [t('home.fromAPicture'), t('home.itsPlacesNamedAndWritten')],
  [t('home.namesToTrace'), t('home.aPageForEachLearner')],
  [t('home.aPieceOfWriting'), t('home.withAListToTick')],
] as const;

/** The desk of a class: what was worked on last, and three doors to what comes next. */
export function DeskTop({ profile, lessons, lists, texts, context }: Desk) {
  return (
    <div className="page desk-top">
      <header className="desk-top__head">
        <h1>{t('home.today2', { name: profile.name })}</h1>
        <nav aria-label={t('home.begin')}>
          <Link className="btn btn-primary" to="/lessons/new">
            <BsPlusLg aria-hidden="true" /> {t('home.newLesson')}
          </Link>
          <Link className="btn btn-outline-dark" to="/words">
            <BsFonts aria-hidden="true" /> {t('home.findWords')}
          </Link>
          <Link className="btn btn-outline-dark" to="/texts">
            <BsBook aria-hidden="true" /> {t('home.bringATextIn')}
          </Link>
        </nav>
      </header>
      <section aria-labelledby="desk-lessons">
        <h2 className="h5" id="desk-lessons">
          {t('home.lessonsTheLastFirst')}
        </h2>
        {lessons.length === 0 ? (
          <p className="quiet">{t('home.noneYetALessonBegins')}</p>
        ) : (
          <ul className="desk-top__lessons">
            {lessons.slice(0, MOST_LESSONS).map((each) => (
              <LessonCard key={each.lesson.id} of={each} context={context} />
            ))}
          </ul>
        )}
        {lessons.length < 3 && (
          <>
            <h2 className="h5 mt-4">{t('home.beginAnother')}</h2>
            <ul className="desk-top__starts">
              {starts.map(([title, says]) => (
                <li key={title}>
                  <Link to="/lessons/new">{title}</Link>
                  <span>{says}</span>
                </li>
              ))}
            </ul>
          </>
        )}
        {lessons.length > MOST_LESSONS && (
          <Link to="/lessons">{t('home.allLessons', { lessons: lessons.length })}</Link>
        )}
      </section>
      <aside>
        <Due
          lessons={lessons.map(({ lesson }) => lesson)}
          learners={profile.roster.map(({ name }) => name)}
        />
        <ThisWeek lessons={lessons.map(({ lesson }) => lesson)} />
        <section aria-labelledby="desk-lists">
          <h2 className="h5" id="desk-lists">
            {t('home.wordLists')}
          </h2>
          {lists.length === 0 && <p className="quiet">{t('home.noneYetWordsThatYou')}</p>}
          <ul className="desk-top__others">
            {lists.slice(0, MOST_OTHERS).map((list) => (
              <li key={list.id}>
                <Link to={`/lists/${list.id}`}>{list.name}</Link>
                <span className="learner-text">
                  {list.words.slice(0, 6).join(' · ') || t('home.noWordsYet')}
                </span>
              </li>
            ))}
          </ul>
        </section>
        <section aria-labelledby="desk-texts">
          <h2 className="h5" id="desk-texts">
            {t('home.texts')}
          </h2>
          {texts.length === 0 && <p className="quiet">{t('home.noneYetPasteOneOr')}</p>}
          <ul className="desk-top__others">
            {texts.slice(0, MOST_OTHERS).map(({ id, title }) => (
              <li key={id}>
                <Link to={`/texts/${id}`}>{title}</Link>
              </li>
            ))}
          </ul>
        </section>
      </aside>
    </div>
  );
}
