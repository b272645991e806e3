import type { ExercisePart } from './built-part';

export interface PanelProps {
  readonly open: ExercisePart;
  /** Sets parameters; null takes one back to what is usual. */
  readonly onSet: (parameters: Readonly<Record<string, unknown>>, label: string) => void;
}
