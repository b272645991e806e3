import { useId, useState } from 'react';
import { Button } from 'react-bootstrap';
import type { ClassProfile } from '~core/classes/class-profile';
import type { ClassSettings } from '~core/classes/new-class';
import { readCourse, writeCourse, type Course } from '~core/languages/concepts/course';
import { packOf } from '~core/languages/registry/registry';
import { engine } from '~/workers/engine.client';
import { useAsked } from '../texts/use-engine';
import { t } from '~/phrases/t';

/** A course as text, to be changed as a whole: kept when it can be read. */
function CourseText({
  course,
  onKeep,
  onClose,
}: {
  course: Course;
  onKeep: (units: Course['units']) => void;
  onClose: () => void;
}) {
  const id = useId();
  const [text, setText] = useState(() => writeCourse(course));
  const [problem, setProblem] = useState('');
  const keep = () => {
    try {
      onKeep(readCourse(text));
    } catch (error) {
      if (!(error instanceof RangeError)) throw error;
      setProblem(error.message);
    }
  };
  return (
    <>
      <label className="form-label mt-2" htmlFor={id}>
        {t('classes.aLineWithForEach')}
      </label>
      <textarea
        id={id}
        className="form-control learner-text"
        rows={14}
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
      />
      {problem && (
        <p className="message my-2" role="alert">
          {problem}
        </p>
      )}
      <div className="d-flex gap-2 mt-2">
        <Button onClick={keep}>{t('classes.keepThisCourse')}</Button>
        <Button variant="outline-dark" onClick={onClose}>
          {t('classes.leaveItAsItWas')}
        </Button>
      </div>
    </>
  );
}

/** Where a class stands in the course of its language: its words are checked against it. */
export function CourseUnits({
  profile,
  change,
}: {
  profile: ClassProfile;
  change: (fields: ClassSettings) => void;
}) {
  const id = useId();
  const [writing, setWriting] = useState(false);
  const asked = useAsked(() => engine().course(profile), [profile]);
  const { name } = packOf(profile.language);
  if (asked.state === 'failed') return <p className="message">{asked.message}</p>;
  if (asked.state === 'working') {
    return (
      <section className="card-paper my-3" aria-label={t('classes.course')}>
        <p role="status" className="mb-0">
          {t('classes.fetchingTheCourse')}
        </p>
      </section>
    );
  }
  if (!asked.value) return null;
  const { course, at } = asked.value;
  const here = course.units[at - 1];
  const own = Boolean(profile.course);
  return (
    <section className="card-paper my-3" aria-label={t('classes.course')}>
      <h2 className="h5">{t('classes.courseOf', { name })}</h2>
      <p className="quiet">
        {t('classes.wordsOfLaterUnitsAre', {
          which: own ? t('classes.sOwnCourse', { name: profile.name }) : course.name,
        })}
      </p>
      <div className="field-grid">
        <div>
          <label className="form-label" htmlFor={id}>
            {t('classes.theClassIsAt')}
          </label>
          <select
            id={id}
            className="form-select"
            value={at}
            onChange={(event) => change({ unit: Number(event.currentTarget.value) })}
          >
            {course.units.map((unit, index) => (
              <option key={`${index} ${unit.name}`} value={index + 1}>
                {index + 1} · {unit.name} ({t('classes.countedWords', { count: unit.words.length })}
                )
              </option>
            ))}
          </select>
        </div>
      </div>
      {here && (
        <p className="course-words learner-text mt-3 mb-0" lang={profile.language}>
          {here.words.join(', ')}
        </p>
      )}
      {here && here.forms.length > 0 && (
        <p className="quiet mb-0">
          {t('classes.formsOfVerbsThatBegin', { forms: here.forms.join(', ') })}
        </p>
      )}
      {writing ? (
        <CourseText
          course={course}
          onClose={() => setWriting(false)}
          onKeep={(units) => {
            // The class stays in its unit, where the course still has it.
            const same = units.findIndex((unit) => unit.name === here?.name);
            change({ course: { name: course.name, units }, unit: Math.max(1, same + 1) });
            setWriting(false);
          }}
        />
      ) : (
        <div className="d-flex gap-2 mt-3">
          <Button variant="outline-dark" onClick={() => setWriting(true)}>
            {own ? t('classes.changeTheCourse') : t('classes.makeItOurOwnCourse')}
          </Button>
          {own && (
            <Button variant="outline-dark" onClick={() => change({ course: null, unit: null })}>
              {t('classes.backToTheUsualCourse')}
            </Button>
          )}
        </div>
      )}
    </section>
  );
}
