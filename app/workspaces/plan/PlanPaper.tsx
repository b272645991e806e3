import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { saveAs } from 'file-saver';
import { BsDownload, BsPrinter } from 'react-icons/bs';
import { planDocument, planLayouts, type PlanLayout } from '~core/plan/plan-document';
import { DocumentView } from '~/ui/DocumentView';
import { OwnPaper } from '~/ui/OwnPaper';
import type { PlanWorkspaceProps } from './PlanWorkspace';
import { plannedLesson } from './planned';
import { t } from '~/phrases/t';

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
      saveAs(file, t('plan.planDocx', { replace: lesson.title.replace(/[\\/:*?"<>|]/g, ' ') }));
    } catch {
      setProblem(t('plan.theFileCouldNotBe'));
    }
  };
  return (
    <div className="page prints-itself plan-paper">
      <OwnPaper paper={profile.paper} />
      <div className="d-flex flex-wrap gap-2 align-items-center mb-3 no-print">
        <h1 className="h4 mb-0 me-auto">{t('plan.planOnPaper')}</h1>
        <select
          className="form-select w-auto"
          aria-label={t('plan.layout')}
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
          <BsDownload aria-hidden="true" /> {t('plan.wordDocx')}
        </Button>
        <Button onClick={() => window.print()}>
          <BsPrinter aria-hidden="true" /> {t('plan.print')}
        </Button>
        <Button variant="outline-dark" onClick={() => onLayout(undefined)}>
          {t('plan.backToThePlan')}
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
