import { Dropdown } from 'react-bootstrap';
import { BsPatchQuestion } from 'react-icons/bs';
import { makers } from '~core/exercises/makers';
import { MenuItem } from '~/ui/MenuItem';
import { InteractionIcon } from '../lesson/maker-icons';
import { makesItsOwn } from '../lesson/makes-its-own';
import type { Send } from './send';

/** Every exercise that can be made from a text; it goes into the lesson about the text. */
export function AskMenu({ language, send }: { language: string; send: Send }) {
  const offered = makers.filter(
    (maker) =>
      (maker.needsText === true || (maker.usesSentences === true && !makesItsOwn.has(maker.id))) &&
      maker.languages.includes(language),
  );
  return (
    <Dropdown align="end">
      <Dropdown.Toggle as="button" type="button" bsPrefix="btn btn-primary">
        <BsPatchQuestion aria-hidden="true" /> Ask about it
      </Dropdown.Toggle>
      <Dropdown.Menu className="maker-menu" aria-label="Ask about it">
        {offered.map((maker) => (
          <MenuItem key={maker.id} onChoose={() => send({ intent: 'ask', maker: maker.id })}>
            <InteractionIcon interaction={maker.interaction} /> {maker.name}
            <br />
            <small className="text-wrap">{maker.description}</small>
          </MenuItem>
        ))}
      </Dropdown.Menu>
    </Dropdown>
  );
}
