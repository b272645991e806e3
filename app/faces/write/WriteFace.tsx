import { Fragment, useState } from 'react';
import { BsVolumeUp } from 'react-icons/bs';
import { CELL_BREAK } from '~core/exercises/interactions/write';
import type { WriteItem, WriteResponse, WriteTask } from '~core/exercises/interactions/write/task';
import type { FaceProps, ReadWriting } from '../kit/face-props';
import { useItemHelp } from '../kit/item-help';
import { ItemRow, Passage } from '../kit/ItemRow';
import { usePhrases } from '../kit/use-phrases';
import { useSigns } from '../kit/SignsBar';
import { ChooseFrame } from './ChooseFrame';
import { ChooseWords } from './ChooseWords';
import { LiveCheck } from './LiveCheck';
import { TracePad } from './TracePad';

/** Joined hands begin their letters where the last one ended. */
const isPrinted = ({ handwriting }: WriteTask) =>
  handwriting === undefined || ['print', 'andika'].includes(handwriting.hand);

interface FieldProps {
  readonly item: WriteItem;
  readonly number: number;
  readonly written: string;
  readonly locked: boolean;
  readonly onWritten: (written: string) => void;
  readonly read: ReadWriting | undefined;
}

function Field({ item, number, written, locked, onWritten, read }: FieldProps) {
  // A sentence is seen whole while it is written, also on a phone.
  const sentence = item.prompt.length > 24 || item.answer.length > 24;
  const long = item.open === true || item.checks !== undefined || sentence;
  const common = {
    className: 'play-write',
    'aria-label': `Item ${number}: ${item.prompt || 'write here'}`,
    disabled: locked,
    maxLength: 8000,
    value: written,
    spellCheck: false,
    autoCapitalize: 'off',
    autoComplete: 'off',
  };
  return long ? (
    <>
      <textarea
        {...common}
        rows={item.open || item.checks ? 4 : 2}
        onChange={(event) => onWritten(event.currentTarget.value)}
      />
      {item.checks && <LiveCheck check={item.checks} written={written} read={read} />}
    </>
  ) : (
    <input {...common} onChange={(event) => onWritten(event.currentTarget.value)} />
  );
}

/** A row of a table: what is printed, and one field for what is missing. */
function Cells({ item, number, written, locked, onWritten }: FieldProps) {
  const cells = item.cells ?? [];
  const empty = cells.filter((cell) => cell === '').length;
  const parts = written.split(CELL_BREAK);
  let gap = -1;
  return (
    <tr>
      {cells.map((cell, index) => {
        if (cell !== '') return <td key={index}>{cell}</td>;
        gap += 1;
        const at = gap;
        return (
          <td key={index}>
            <input
              className="play-write"
              aria-label={`Row ${number}, field ${at + 1}`}
              disabled={locked}
              maxLength={400}
              spellCheck={false}
              autoCapitalize="off"
              value={parts[at] ?? ''}
              onChange={(event) => {
                const next = Array.from({ length: empty }, (_, each) =>
                  each === at ? event.currentTarget.value : (parts[each] ?? ''),
                );
                onWritten(next.join(CELL_BREAK));
              }}
            />
          </td>
        );
      })}
    </tr>
  );
}

function Checklist({ items }: { items: readonly string[] }) {
  const [done, setDone] = useState<ReadonlySet<string>>(new Set());
  return (
    <fieldset className="play-checklist">
      <legend>Have you looked?</legend>
      {items.map((item) => (
        <label key={item} className="play-option">
          <input
            type="checkbox"
            checked={done.has(item)}
            onChange={() => {
              const next = new Set(done);
              if (!next.delete(item)) next.add(item);
              setDone(next);
            }}
          />
          <span>{item}</span>
        </label>
      ))}
    </fieldset>
  );
}

/** Words and sentences are written; letters are traced with a pen or a finger. */
export function WriteFace(props: FaceProps<WriteTask, WriteResponse>) {
  const { task, response, onResponse, verdicts, locked, picture, signs, hear } = props;
  const { before } = useItemHelp();
  const { bar, onFocus, write } = useSigns(signs);
  const says = usePhrases();
  // The keyboard stays alive beside it.
  const [chosenBy, setChosenBy] = useState(false);
  const set = (item: WriteItem) => (written: string) =>
    onResponse({ ...response, [item.id]: written });
  const fieldOf = (item: WriteItem, index: number) => ({
    item,
    number: before + index + 1,
    written: response[item.id] ?? '',
    locked,
    onWritten: set(item),
    read: props.readWriting,
  });
  return (
    <div onFocus={onFocus}>
      {task.scene && (
        <img className="play-wide" src={picture(task.scene.picture)} alt={task.scene.shows ?? ''} />
      )}
      {task.bank && task.bank.length > 0 && !task.items.some(({ frame }) => frame) && (
        <div className="put-tray" role="group" aria-label="Words to write with">
          {task.bank.map(({ word, picture: shown }) => (
            <button
              key={word}
              type="button"
              className="piece"
              disabled={locked}
              onClick={() => write(word)}
            >
              {shown !== undefined && <img src={picture(shown)} alt="" />} {word}
            </button>
          ))}
        </div>
      )}
      {task.choices && (
        <button
          type="button"
          className="play-button mb-2"
          aria-pressed={chosenBy}
          onClick={() => setChosenBy(!chosenBy)}
        >
          Choose the words
        </button>
      )}
      {bar}
      {task.columns ? (
        <div className="play-table">
          <table>
            <thead>
              <tr>
                {task.columns.map(({ title }) => (
                  <th key={title} scope="col">
                    {title}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {task.items.map((item, index) => (
                <Cells key={item.id} {...fieldOf(item, index)} />
              ))}
            </tbody>
          </table>
        </div>
      ) : (
        <ol className="play-items">
          {task.items.map((item, index) => (
            <Fragment key={item.id}>
              {item.passage !== undefined && (
                <li className="play-item--passage">
                  <Passage text={item.passage} />
                </li>
              )}
              <ItemRow item={item.id} number={before + index + 1} verdict={verdicts.get(item.id)}>
                {item.picture !== undefined && (
                  <img
                    className="play-picture"
                    src={picture(item.picture)}
                    alt={`What item ${before + index + 1} shows`}
                  />
                )}
                {item.prompt !== '' && !item.frame && <p className="play-prompt">{item.prompt}</p>}
                {hear && item.prompt === '' && !item.trace && (
                  <button
                    type="button"
                    className="play-button play-hear"
                    aria-label={`${says.hear} ${before + index + 1}`}
                    onClick={() => hear(item.id)}
                  >
                    <BsVolumeUp aria-hidden="true" /> {says.hear}
                  </button>
                )}
                {item.trace ? (
                  <TracePad
                    text={item.answer}
                    printed={isPrinted(task)}
                    hand={task.handwriting?.hand}
                    sign={item.strokes}
                    done={(response[item.id] ?? '') !== ''}
                    locked={locked}
                    onDone={(done) => set(item)(done ? item.answer : '')}
                  />
                ) : (
                  <>
                    {item.frame && (
                      <ChooseFrame
                        frame={item.frame}
                        value={response[item.id] ?? ''}
                        onValue={set(item)}
                        locked={locked}
                        picture={picture}
                        label={`Item ${before + index + 1}`}
                        language="en"
                      />
                    )}
                    <Field {...fieldOf(item, index)} />
                    {task.choices && chosenBy && (
                      <ChooseWords
                        rows={task.choices}
                        value={response[item.id] ?? ''}
                        onValue={set(item)}
                        locked={locked}
                        picture={picture}
                        label={`Item ${before + index + 1}`}
                        language="en"
                      />
                    )}
                  </>
                )}
              </ItemRow>
            </Fragment>
          ))}
        </ol>
      )}
      {task.checklist && task.checklist.length > 0 && <Checklist items={task.checklist} />}
    </div>
  );
}
