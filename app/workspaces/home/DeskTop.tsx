import { Link } from 'react-router';
import { BsBook, BsFonts, BsPlusLg } from 'react-icons/bs';
import type { Desk } from './desk-of';
import { Due } from './Due';
import { LessonCard } from './LessonCard';
import { ThisWeek } from './ThisWeek';

const MOST_LESSONS = 6;
const MOST_OTHERS = 6;

/** What a lesson can begin with, where there is room to say so. */
const starts = [
  ['From words', 'recalled, modelled, practised'],
  ['From a text', 'before, while and after reading'],
  ['From a grammar target', 'its rule, found, practised, used'],
  ['From a picture', 'its places named and written about'],
  ['Names to trace', 'a page for each learner'],
  ['A piece of writing', 'with a list to tick off'],
] as const;

/** The desk of a class: what was worked on last, and three doors to what comes next. */
export function DeskTop({ profile, lessons, lists, texts, context }: Desk) {
  return (
    <div className="page desk-top">
      <header className="desk-top__head">
        <h1>{profile.name} today</h1>
        <nav aria-label="Begin">
          <Link className="btn btn-primary" to="/lessons/new">
            <BsPlusLg aria-hidden="true" /> New lesson
          </Link>
          <Link className="btn btn-outline-dark" to="/words">
            <BsFonts aria-hidden="true" /> Find words
          </Link>
          <Link className="btn btn-outline-dark" to="/texts">
            <BsBook aria-hidden="true" /> Bring a text in
          </Link>
        </nav>
      </header>
      <section aria-labelledby="desk-lessons">
        <h2 className="h5" id="desk-lessons">
          Lessons, the last first
        </h2>
        {lessons.length === 0 ? (
          <p className="quiet">
            None yet. A lesson begins with words, a text, a grammar target, a picture or an empty
            page.
          </p>
        ) : (
          <ul className="desk-top__lessons">
            {lessons.slice(0, MOST_LESSONS).map((each) => (
              <LessonCard key={each.lesson.id} of={each} context={context} />
            ))}
          </ul>
        )}
        {lessons.length < 3 && (
          <>
            <h2 className="h5 mt-4">Begin another</h2>
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
        {lessons.length > MOST_LESSONS && <Link to="/lessons">All {lessons.length} lessons</Link>}
      </section>
      <aside>
        <Due
          lessons={lessons.map(({ lesson }) => lesson)}
          learners={profile.roster.map(({ name }) => name)}
        />
        <ThisWeek lessons={lessons.map(({ lesson }) => lesson)} />
        <section aria-labelledby="desk-lists">
          <h2 className="h5" id="desk-lists">
            Word lists
          </h2>
          {lists.length === 0 && <p className="quiet">None yet. Words that you keep make one.</p>}
          <ul className="desk-top__others">
            {lists.slice(0, MOST_OTHERS).map((list) => (
              <li key={list.id}>
                <Link to={`/lists/${list.id}`}>{list.name}</Link>
                <span className="learner-text">
                  {list.words.slice(0, 6).join(' · ') || 'no words yet'}
                </span>
              </li>
            ))}
          </ul>
        </section>
        <section aria-labelledby="desk-texts">
          <h2 className="h5" id="desk-texts">
            Texts
          </h2>
          {texts.length === 0 && <p className="quiet">None yet. Paste one, or bring a file.</p>}
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
