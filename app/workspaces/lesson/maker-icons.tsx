import type { ReactNode } from 'react';
import {
  BsArrowLeftRight,
  BsChatLeftText,
  BsGrid1X2,
  BsInputCursorText,
  BsMegaphone,
  BsPencil,
  BsSortNumericDown,
  BsUiRadios,
  BsBinoculars,
  BsBullseye,
  BsDiagram3,
  BsFileEarmarkRichtext,
} from 'react-icons/bs';

const icons: Readonly<Record<string, ReactNode>> = {
  sort: <BsGrid1X2 aria-hidden="true" />,
  gap: <BsInputCursorText aria-hidden="true" />,
  choice: <BsUiRadios aria-hidden="true" />,
  match: <BsArrowLeftRight aria-hidden="true" />,
  order: <BsSortNumericDown aria-hidden="true" />,
  speak: <BsMegaphone aria-hidden="true" />,
  write: <BsPencil aria-hidden="true" />,
  spot: <BsBinoculars aria-hidden="true" />,
  point: <BsBullseye aria-hidden="true" />,
  build: <BsDiagram3 aria-hidden="true" />,
  sheet: <BsFileEarmarkRichtext aria-hidden="true" />,
};

/** The sign of an interaction. */
export function InteractionIcon({ interaction }: { interaction: string }) {
  return icons[interaction] ?? <BsChatLeftText aria-hidden="true" />;
}
