import { Dropdown } from 'react-bootstrap';
import { BsPatchQuestion } from 'react-icons/bs';
import { catalogue } from '~core/exercises/catalogue';
import { MenuItem } from '~/ui/MenuItem';
import { InteractionIcon } from '../lesson/maker-icons';
import type { Send } from './send';
import { canDo } from '~core/languages/language-pack';
import { packOf } from '~core/languages/registry/registry';

/** Every exercise that can be made from a text; it goes into the lesson about the text. */
export function AskMenu({ language, send }: { language: string; send: Send }) {
  const offered = catalogue.filter(
    (maker) => maker.parameters['textId'] !== undefined && canDo(packOf(language), maker.asks),
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
