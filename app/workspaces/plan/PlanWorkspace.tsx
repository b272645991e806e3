import { useState } from 'react';
import { Link } from 'react-router';
import type { ClassProfile } from '~core/classes/class-profile';
import { checkObjective } from '~core/plan/check-objective';
import { reasonIds, reasons, type Plan, type Reason } from '~core/plan/plan';
import type { PlanLayout } from '~core/plan/plan-document';
import { minutesOf, type Lesson } from '~core/records/lesson';
import type { Standard } from '~core/standards/standard';
import { AutoField } from '~/ui/AutoField';
import { useAhead } from '~/ui/use-ahead';
import { useSend } from '~/ui/use-send';
import { PlanPaper } from './PlanPaper';
import { materialsFor, type PlannedPart } from './planned';
import { StandardsOfLesson } from './StandardsOfLesson';
import { StagePlans } from './StagePlans';
import { TargetLearners } from './TargetLearners';

export type { PlannedPart } from './planned';

export interface PlanWorkspaceProps {
  readonly lesson: Lesson;
  readonly profile: ClassProfile;
  readonly made: readonly PlannedPart[];
  readonly standards: readonly Standard[];
}

const none: readonly Reason[] = [];

/** What an objective has, and what it still needs. */
function ObjectiveCheck({ objective }: { objective: string }) {
  return (
    <ul className="objective-check" aria-label="What the objective says">
      {checkObjective(objective).map(({ part, found, says }) => (
        <li key={part} className={says === '' ? 'objective-check__well' : ''}>
          <strong>{part}</strong> {found ?? '–'}
          {says !== '' && <span className="d-block small">{says}</span>}
        </li>
      ))}
    </ul>
  );
}

/** A lesson as it is planned: objective, class, learners, stages, reasons; and on paper. */
export function PlanWorkspace({ lesson, profile, made, standards }: PlanWorkspaceProps) {
  const { send, message, clash } = useSend();
  const [layout, setLayout] = useState<PlanLayout>();
  const { plan = {} } = lesson;
  const set = (fields: Partial<Plan>, what: string) => send({ intent: 'plan', fields, what });
  const [given, setGiven] = useAhead(plan.reasons ?? none, (next) =>
    send({ intent: 'plan', fields: { reasons: next }, what: 'the reasons' }),
  );
  const field = (name: 'background' | 'materials' | 'rationale', what: string) => ({
    value: plan[name] ?? '',
    multiline: true,
    payload: (value: string) => ({ intent: 'plan', fields: { [name]: value }, what }),
  });
  if (layout) {
    return (
      <PlanPaper
        layout={layout}
        onLayout={setLayout}
        lesson={lesson}
        profile={profile}
        made={made}
        standards={standards}
      />
    );
  }
  return (
    <div className="page plan">
      <p className="mb-1">
        <Link to={`/lessons/${lesson.id}`}>{lesson.title}</Link> ·{' '}
        <Link to={`/classes/${profile.id}/coverage`}>What {profile.name} have met</Link> ·{' '}
        <Link to={`/lessons/${lesson.id}/adapt`}>For another class</Link>
      </p>
      <div className="d-flex flex-wrap gap-3 align-items-center mb-3">
        <h1 className="mb-0 me-auto">Plan</h1>
        <button type="button" className="btn btn-primary" onClick={() => setLayout('table')}>
          On paper …
        </button>
      </div>
      {clash}
      {message && (
        <p className="message" role="alert">
          {message}
        </p>
      )}
      <div className="plan-layout">
        <div>
          <section className="card-paper" aria-labelledby="plan-objective">
            <h2 className="h5" id="plan-objective">
              Objective
            </h2>
            <AutoField
              label="Objective"
              value={lesson.objective}
              multiline
              placeholder="Who will do what, with what, how well"
              payload={(value) => ({ intent: 'field', field: 'objective', value })}
            />
            <ObjectiveCheck objective={lesson.objective} />
          </section>
          <StagePlans lesson={lesson} made={made} send={send} />
          <section className="card-paper" aria-labelledby="plan-why">
            <h2 className="h5" id="plan-why">
              Why so
            </h2>
            <div className="plan-reasons">
              {reasonIds.map((id) => (
                <label key={id} className="behaviour__tick">
                  <input
                    type="checkbox"
                    className="form-check-input"
                    checked={given.includes(id)}
                    onChange={(event) =>
                      setGiven(
                        event.currentTarget.checked
                          ? [...given, id]
                          : given.filter((each) => each !== id),
                      )
                    }
                  />
                  {reasons[id]}
                </label>
              ))}
            </div>
            <AutoField
              label="Reasons of your own"
              placeholder="Reasons of your own"
              {...field('rationale', 'the reasons')}
            />
          </section>
        </div>
        <aside>
          <section className="card-paper" aria-labelledby="plan-when">
            <h2 className="h5" id="plan-when">
              When
            </h2>
            <div className="d-flex flex-wrap gap-2">
              <input
                type="date"
                className="form-control"
                aria-label="Day"
                value={plan.date ?? ''}
                onChange={(event) =>
                  set({ date: event.currentTarget.value }, 'the day of the lesson')
                }
              />
              <input
                type="time"
                className="form-control"
                aria-label="Time"
                value={plan.time ? plan.time.padStart(5, '0') : ''}
                onChange={(event) =>
                  set({ time: event.currentTarget.value }, 'the time of the lesson')
                }
              />
            </div>
            <p className="quiet small mt-2 mb-0">
              {minutesOf(lesson)} minutes in all · <Link to="/week">The week</Link>
            </p>
          </section>
          <StandardsOfLesson
            lesson={lesson}
            profile={profile}
            made={made}
            standards={standards}
            send={send}
          />
          <section className="card-paper" aria-labelledby="plan-class">
            <h2 className="h5" id="plan-class">
              {profile.name}
            </h2>
            <p className="quiet small">
              {profile.roster.length} learners ·{' '}
              <Link to={`/classes/${profile.id}/results`}>what came back so far</Link>
            </p>
            <AutoField
              label="What they bring"
              placeholder="What they know, what is new, what is hard"
              {...field('background', 'the background')}
            />
          </section>
          <TargetLearners lesson={lesson} profile={profile} send={send} />
          <section className="card-paper" aria-labelledby="plan-materials">
            <h2 className="h5" id="plan-materials">
              Materials
            </h2>
            <ul className="plan-materials">
              {materialsFor(made, profile).map((each) => (
                <li key={each}>{each}</li>
              ))}
            </ul>
            <AutoField
              label="Also needed"
              placeholder="Also needed"
              {...field('materials', 'the materials')}
            />
          </section>
        </aside>
      </div>
    </div>
  );
}
