import { useState } from 'react';
import { Dropdown } from 'react-bootstrap';
import { BsPlus } from 'react-icons/bs';
import { makerGroups } from '~core/exercises/making/maker-group';
import { catalogue, type MakerInfo } from '~core/exercises/catalogue';
import { stageNames, type LessonStage } from '~core/records/lesson';
import { MenuItem } from '~/ui/MenuItem';
import type { Send } from './built-part';
import { InteractionIcon } from './maker-icons';
import { canDo } from '~core/languages/language-pack';
import { packOf, speaks } from '~core/languages/registry/registry';

const plain = (text: string) => text.toLowerCase().replaceAll('’', "'");

/** Makers whose name or description has every word that was typed. */
function foundMakers(typed: string, language: string): readonly MakerInfo[] {
  const words = plain(typed).split(/\s+/);
  return catalogue.filter((maker) => {
    if (!canDo(packOf(language), maker.asks)) return false;
    const text = plain(`${maker.name} ${maker.description}`);
    return words.every((word) => text.includes(word));
  });
}

/** Everything that can be put into a stage; typing narrows it. */
export function AddPart({
  language,
  stage,
  title,
  words,
  send,
}: {
  language: string;
  stage: LessonStage;
  title: string;
  words: string[];
  send: Send;
}) {
  const add = (maker: string, name: string) =>
    send({ intent: 'add-part', stage: stage.id, maker, name, words });
  const [typed, setTyped] = useState('');
  const found = foundMakers(typed, language);
  return (
    <Dropdown onToggle={() => setTyped('')}>
      <Dropdown.Toggle
        as="button"
        type="button"
        bsPrefix="btn btn-sm btn-link text-decoration-none px-1"
        aria-label={`Add to ${stageNames[stage.id]}`}
      >
        <BsPlus aria-hidden="true" /> Add
      </Dropdown.Toggle>
      <Dropdown.Menu className="maker-menu" aria-label={`Add to ${stageNames[stage.id]}`}>
        <div className="maker-menu__find">
          <input
            type="search"
            className="form-control form-control-sm"
            aria-label="Find an exercise"
            placeholder="Find an exercise"
            value={typed}
            onChange={(event) => setTyped(event.currentTarget.value)}
            onKeyDown={(event) => {
              // Letters and spaces are typed here, and must not choose a line of the menu.
              if (!['ArrowDown', 'Escape', 'Tab'].includes(event.key)) event.stopPropagation();
            }}
          />
        </div>
        {!speaks(language, 'words') && (
          <p className="px-3 quiet small mb-1">
            Exercises with sounds, spellings and meanings are made for English so far.
          </p>
        )}
        {found.length === 0 && (
          <p className="px-3 quiet mb-1">No exercise is called that. Try another word.</p>
        )}
        {makerGroups.map((group) => (
          <div key={group} role="group" aria-label={group}>
            {found.some((maker) => maker.group === group) && (
              <Dropdown.Header aria-hidden="true">{group}</Dropdown.Header>
            )}
            {found
              .filter((maker) => maker.group === group)
              .map((maker) => (
                <MenuItem key={maker.id} onChoose={() => add(maker.id, maker.name)}>
                  <InteractionIcon interaction={maker.interaction} /> {maker.name}
                  <br />
                  <small className="text-wrap">{maker.description}</small>
                </MenuItem>
              ))}
          </div>
        ))}
        <Dropdown.Divider />
        <MenuItem onChoose={() => send({ intent: 'add-sheet', stage: stage.id, title })}>
          A sheet of my own
          <br />
          <small className="text-wrap">
            Exercises, texts, word boxes, pictures and rule cards, arranged by you.
          </small>
        </MenuItem>
        <MenuItem onChoose={() => add('', 'a note')}>A note to myself</MenuItem>
      </Dropdown.Menu>
    </Dropdown>
  );
}
