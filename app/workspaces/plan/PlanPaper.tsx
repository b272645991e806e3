import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { saveAs } from 'file-saver';
import { BsDownload, BsPrinter } from 'react-icons/bs';
import { planDocument, planLayouts, type PlanLayout } from '~core/plan/plan-document';
import { DocumentView } from '~/ui/DocumentView';
import { OwnPaper } from '~/ui/OwnPaper';
import type { PlanWorkspaceProps } from './PlanWorkspace';
import { plannedLesson } from './planned';

/** The plan as it prints, in one of its layouts. */
export function PlanPaper({
  layout,
  onLayout,
  lesson,
  profile,
  made,
  standards,
}: PlanWorkspaceProps & {
  layout: PlanLayout;
  onLayout: (layout: PlanLayout | undefined) => void;
}) {
  const [problem, setProblem] = useState('');
  const nodes = planDocument(plannedLesson(lesson, profile, made, standards), layout);
  const save = async () => {
    try {
      const { toWordFile } = await import('~/documents/word-file');
      const file = await toWordFile(nodes, {
        title: lesson.title,
        paper: profile.paper,
        font: 'Arial',
        pictures: new Map(),
      });
      saveAs(file, `${lesson.title.replace(/[\\/:*?"<>|]/g, ' ')} plan.docx`);
    } catch {
      setProblem('The file could not be made. Try again, or print instead.');
    }
  };
  return (
    <div className="page prints-itself plan-paper">
      <OwnPaper paper={profile.paper} />
      <div className="d-flex flex-wrap gap-2 align-items-center mb-3 no-print">
        <h1 className="h4 mb-0 me-auto">Plan on paper</h1>
        <select
          className="form-select w-auto"
          aria-label="Layout"
          value={layout}
          onChange={(event) => onLayout(event.currentTarget.value as PlanLayout)}
        >
          {Object.entries(planLayouts).map(([id, name]) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </select>
        <Button variant="outline-dark" onClick={() => void save()}>
          <BsDownload aria-hidden="true" /> Word (.docx)
        </Button>
        <Button onClick={() => window.print()}>
          <BsPrinter aria-hidden="true" /> Print
        </Button>
        <Button variant="outline-dark" onClick={() => onLayout(undefined)}>
          Back to the plan
        </Button>
      </div>
      {problem && (
        <p className="message no-print" role="alert">
          {problem}
        </p>
      )}
      <DocumentView nodes={nodes} />
    </div>
  );
}
