import type { ReactNode } from 'react';
import { Dropdown } from 'react-bootstrap';

export interface MenuItemProps {
  readonly onChoose: () => void;
  /** What is chosen now; undefined for a command. */
  readonly current?: boolean;
  readonly children: ReactNode;
}

/** One line of a menu: a command, or something to choose with what is chosen marked. */
export function MenuItem({ onChoose, current, children }: MenuItemProps) {
  return (
    <Dropdown.Item
      as="button"
      type="button"
      className={current ? 'active' : ''}
      aria-current={current || undefined}
      onClick={onChoose}
    >
      {children}
    </Dropdown.Item>
  );
}
