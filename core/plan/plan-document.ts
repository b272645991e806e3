/** A plan as a document: a table of stages, or stage by stage; and a run sheet of one page for the hand. */
import { dayName, longDay } from '../kernel/day-name';
import type { DocumentNode } from '../paper/document';
import { groupings, helps, reasons, type Plan, type StagePlan, type TargetLearner } from './plan';

export interface PlannedStage extends StagePlan {
  readonly name: string;
  readonly minutes: number;
  /** Notes and titles of exercises, in their order. */
  readonly parts: readonly string[];
}

export interface PlannedLesson {
  readonly title: string;
  readonly className: string;
  readonly objective: string;
  readonly plan: Plan;
  /** Code and wording of the standards chosen. */
  readonly standards: readonly string[];
  readonly materials: readonly string[];
  readonly stages: readonly PlannedStage[];
}

export const planLayouts = {
  table: 'Plan as a table',
  stages: 'Plan stage by stage',
  run: 'Run sheet, one page',
} as const;
export type PlanLayout = keyof typeof planLayouts;

const text = (words: string): DocumentNode => ({ kind: 'text', text: words });
const heading = (words: string): DocumentNode => ({ kind: 'heading', text: words });

/** A heading with lines under it; nothing where there are none. */
const under = (title: string, lines: readonly string[]): DocumentNode[] => {
  const said = lines.map((line) => line.trim()).filter((line) => line !== '');
  return said.length === 0 ? [] : [heading(title), ...said.map(text)];
};

/** “09:15” and minutes after it; without a start the minutes alone. */
export function clockAt(start: string | undefined, minutes: number): string {
  const [, hours, before] = /^(\d{1,2}):(\d{2})$/.exec(start ?? '') ?? [];
  if (hours === undefined || before === undefined) return `${minutes} min`;
  const all = (Number(hours) * 60 + Number(before) + minutes) % (24 * 60);
  return `${String(Math.floor(all / 60)).padStart(2, '0')}:${String(all % 60).padStart(2, '0')}`;
}

export function dayOf(date: string | undefined): string {
  if (date === undefined || !/^\d{4}-\d{2}-\d{2}$/.test(date)) return '';
  return dayName(date, { ...longDay, year: 'numeric' });
}

const targetSays = ({ name, need, help, also }: TargetLearner): string =>
  [
    `${name}${need.trim() === '' ? '' : ` (${need.trim()})`}`,
    [...help.map((each) => helps[each].name), also.trim()].filter(Boolean).join(', '),
  ]
    .filter(Boolean)
    .join(': ');

const minutesOf = (stages: readonly PlannedStage[]) =>
  stages.reduce((sum, { minutes }) => sum + minutes, 0);

const headOf = ({ title, className, plan, stages }: PlannedLesson): DocumentNode[] => [
  { kind: 'title', text: title },
  text(
    [className, dayOf(plan.date), plan.time ?? '', `${minutesOf(stages)} minutes`]
      .filter(Boolean)
      .join(' · '),
  ),
];

const doesIn = ({ teacher = '', parts }: PlannedStage) =>
  [teacher.trim(), ...parts].filter(Boolean).join('\n');

const groupingOf = ({ grouping }: StagePlan) => (grouping ? groupings[grouping] : '');

function tableOf(stages: readonly PlannedStage[]): DocumentNode {
  return {
    kind: 'table',
    head: true,
    rows: [
      ['Stage', 'Minutes', 'Teacher does', 'Learners do', 'Check'],
      ...stages.map((stage) => [
        [stage.name, groupingOf(stage)].filter(Boolean).join('\n'),
        String(stage.minutes),
        doesIn(stage),
        stage.learners ?? '',
        stage.check ?? '',
      ]),
    ],
  };
}

function stageNodes(stage: PlannedStage): DocumentNode[] {
  const head = [stage.name, `${stage.minutes} minutes`, groupingOf(stage)]
    .filter(Boolean)
    .join(' · ');
  const line = (label: string, said: string | undefined) =>
    said?.trim() ? [text(`${label}: ${said.trim()}`)] : [];
  return [
    heading(head),
    ...line('Teacher', stage.teacher),
    ...line('Learners', stage.learners),
    ...stage.parts.map(text),
    ...line('Check', stage.check),
    ...line('Afterwards', stage.reflection),
  ];
}

/** Time, stage, what to do, what to have in hand: nothing else is read while teaching. */
function runSheet(lesson: PlannedLesson): DocumentNode[] {
  const { plan, stages, materials } = lesson;
  let gone = 0;
  const rows = stages
    .filter(({ minutes, parts, teacher }) => minutes > 0 || parts.length > 0 || teacher)
    .map((stage) => {
      const at = clockAt(plan.time, plan.time === undefined ? stage.minutes : gone);
      gone += stage.minutes;
      return [
        at,
        [stage.name, groupingOf(stage)].filter(Boolean).join('\n'),
        doesIn(stage),
        stage.check ?? '',
      ];
    });
  return [
    ...headOf(lesson),
    text(lesson.objective),
    { kind: 'table', head: true, rows: [['Time', 'Stage', 'Do', 'Look for'], ...rows] },
    ...under('In hand', [materials.join(' · ')]),
    ...under('Look to', (plan.targets ?? []).map(targetSays)),
  ];
}

export function planDocument(lesson: PlannedLesson, layout: PlanLayout): DocumentNode[] {
  if (layout === 'run') return runSheet(lesson);
  const { plan, stages } = lesson;
  return [
    ...headOf(lesson),
    ...under('Objective', [lesson.objective]),
    ...under('Standards', lesson.standards),
    ...under('The class', [plan.background ?? '']),
    ...under('Looking to', (plan.targets ?? []).map(targetSays)),
    ...under('Materials', [...lesson.materials, plan.materials ?? '']),
    ...(layout === 'table' ? [heading('Stages'), tableOf(stages)] : stages.flatMap(stageNodes)),
    ...under('Why so', [
      ...(plan.reasons ?? []).map((each) => reasons[each]),
      plan.rationale ?? '',
    ]),
    ...(layout === 'table'
      ? under(
          'Afterwards',
          stages
            .filter(({ reflection }) => reflection?.trim())
            .map(({ name, reflection }) => `${name}: ${reflection ?? ''}`),
        )
      : []),
  ];
}
