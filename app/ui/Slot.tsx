import type { ReactNode } from 'react';
import { Dropdown } from 'react-bootstrap';
import { MenuItem } from './MenuItem';
import { t } from '~/phrases/t';

export interface SlotOption {
  readonly value: string;
  readonly label: ReactNode;
  /** Text of the label, for a screen reader and for finding by name. */
  readonly text: string;
  /** Options of one group stand together under its name. */
  readonly group?: string;
}

export interface SlotProps {
  /** What the slot asks, for a screen reader: “Sound”. */
  readonly name: string;
  readonly value: string;
  readonly options: readonly SlotOption[];
  readonly onChoose: (value: string) => void;
  /** Set options in columns. */
  readonly grid?: boolean;
}

/** A place in a sentence whose words are chosen from a list. */
export function Slot({ name, value, options, onChoose, grid = false }: SlotProps) {
  const chosen = options.find((option) => option.value === value);
  const groups = [...new Set(options.map((option) => option.group ?? ''))];
  return (
    <Dropdown className={grid ? 'slot slot--grid' : 'slot'}>
      <Dropdown.Toggle
        as="button"
        type="button"
        bsPrefix="slot__toggle"
        aria-label={`${name}: ${chosen?.text ?? 'choose'}`}
      >
        {chosen?.label ?? t('frame.choose')}
      </Dropdown.Toggle>
      <Dropdown.Menu aria-label={name}>
        {groups.map((group) => (
          <div key={group} role="group" aria-label={group || name}>
            {group !== '' && <Dropdown.Header aria-hidden="true">{group}</Dropdown.Header>}
            {options
              .filter((option) => (option.group ?? '') === group)
              .map((option) => (
                <MenuItem
                  key={option.value}
                  current={option.value === value}
                  onChoose={() => onChoose(option.value)}
                >
                  {option.label}
                </MenuItem>
              ))}
          </div>
        ))}
      </Dropdown.Menu>
    </Dropdown>
  );
}
