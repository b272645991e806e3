import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { BsGripVertical } from 'react-icons/bs';
import { t } from '~/phrases/t';

/** A row that can be moved: where it is now, and what takes hold of it. */
export function useMovableRow(id: string, fixed = false) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } =
    useSortable({ id, disabled: fixed });
  return {
    row: { ref: setNodeRef, style: { transform: CSS.Translate.toString(transform), transition } },
    hold: { ref: setActivatorNodeRef, ...attributes, ...listeners },
  };
}

interface GripProps {
  readonly hold: ReturnType<typeof useMovableRow>['hold'];
  readonly label: string;
}

/** Takes hold of a row, with the mouse, by touch and with keys. */
export function Grip({ hold, label }: GripProps) {
  return (
    <button
      type="button"
      className="icon-button grip"
      {...hold}
      aria-label={t('frame.move', { label })}
    >
      <BsGripVertical aria-hidden="true" />
    </button>
  );
}
