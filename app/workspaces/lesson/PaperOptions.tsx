import type { LessonPart } from '~core/records/lesson';
import { lookNames, looks, type Look } from '~core/kernel/look';
import {
  borderNames,
  finishNames,
  type BorderName,
  type FinishName,
} from '~core/paper/sheet-layout';
import { papers, type PaperName } from '~core/kernel/paper-size';
import { AutoField } from '~/ui/AutoField';
import { Toggle } from '~/ui/Toggle';
import type { Send } from './built-part';

const borderTexts: Readonly<Record<BorderName, string>> = {
  none: 'no border',
  line: 'a double line',
  drops: 'drops',
  waves: 'waves',
};

const finishTexts: Readonly<Record<FinishName, string>> = {
  none: 'nothing more',
  'can-do': 'a can-do strip',
  draw: 'a box to draw in',
  challenge: 'a challenge',
};

function Choose(props: {
  readonly name: string;
  readonly value: string;
  readonly options: readonly (readonly [string, string])[];
  readonly onChoose: (value: string) => void;
}) {
  return (
    <label className="d-block mb-2">
      {props.name}
      <select
        className="form-select form-select-sm"
        value={props.value}
        onChange={(event) => props.onChoose(event.currentTarget.value)}
      >
        {props.options.map(([value, text]) => (
          <option key={value} value={value}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}

/** The paper of one sheet, where it differs from the class's. */
export function PaperOptions({
  part,
  paper,
  of,
  coloured = false,
  send,
}: {
  part: Pick<LessonPart, 'id' | 'layout'>;
  paper: PaperName;
  /** What is laid out: each is asked only what it can do. */
  of: 'exercise' | 'sheet' | 'text';
  /** It prints in colour, by its own choice or the class’s. */
  coloured?: boolean;
  send: Send;
}) {
  const dressed = of !== 'text';
  const closes = of === 'exercise';
  const layout = part.layout ?? {};
  const set = (changed: object, label: string) =>
    send({ intent: 'layout', part: part.id, layout: changed, label });
  return (
    <details className="panel-fold">
      <summary>Paper and print</summary>
      <label className="d-block mb-2">
        Paper
        <select
          className="form-select form-select-sm"
          value={paper}
          onChange={(event) => {
            const chosen = event.currentTarget.value as PaperName;
            set({ paper: chosen }, `Changed the paper to ${papers[chosen].label}`);
          }}
        >
          {Object.values(papers).map(({ name, label }) => (
            <option key={name} value={name}>
              {label}
            </option>
          ))}
        </select>
      </label>
      <label className="d-block mb-2">
        Columns
        <select
          className="form-select form-select-sm"
          value={layout.columns ?? 1}
          onChange={(event) => {
            const columns = Number(event.currentTarget.value);
            set({ columns }, columns === 2 ? 'Set in two columns' : 'Set in one column');
          }}
        >
          <option value={1}>one</option>
          <option value={2}>two</option>
        </select>
      </label>
      {dressed && (
        <>
          <Choose
            name="Look"
            value={layout.look ?? ''}
            options={[
              ['', 'as the class has it'],
              ...lookNames.map(
                (name) => [name, `${looks[name].name}: ${looks[name].says}`] as const,
              ),
            ]}
            onChoose={(look) =>
              set(
                { look: look || null },
                look ? `Look: ${looks[look as Look].name}` : 'Look of the class',
              )
            }
          />
          <Choose
            name="Key"
            value={layout.key ?? 'list'}
            options={[
              ['list', 'a list of answers with reasons'],
              ['written', 'the sheet with its answers written in'],
            ]}
            onChoose={(key) =>
              set({ key }, key === 'written' ? 'Wrote the answers into the sheet' : 'Key as a list')
            }
          />
        </>
      )}
      {closes && (
        <Choose
          name="At the end of the sheet"
          value={layout.finish ?? 'none'}
          options={finishNames.map((name) => [name, finishTexts[name]] as const)}
          onChoose={(finish) =>
            set({ finish }, `Closed the sheet with ${finishTexts[finish as FinishName]}`)
          }
        />
      )}
      <label className="d-block mb-2">
        Border
        <select
          className="form-select form-select-sm"
          value={layout.border ?? 'none'}
          onChange={(event) => {
            const border = event.currentTarget.value as BorderName;
            set({ border }, `Border: ${borderTexts[border]}`);
          }}
        >
          {borderNames.map((name) => (
            <option key={name} value={name}>
              {borderTexts[name]}
            </option>
          ))}
        </select>
      </label>
      <div className="mb-2">
        Header
        <AutoField
          label="Header of each page"
          className="form-control form-control-sm"
          value={layout.header ?? ''}
          placeholder="Printed at the head of each page"
          payload={(header) => ({
            intent: 'layout',
            part: part.id,
            layout: { header },
            label: 'Changed the header',
          })}
        />
      </div>
      <Toggle
        name="Large print (18 pt and more)"
        checked={layout.largePrint === true}
        onChange={(largePrint) =>
          set({ largePrint }, largePrint ? 'Set in large print' : 'Set in the usual size')
        }
      />
      <Toggle
        name="Wider letters, words and lines"
        checked={layout.wideSpacing === true}
        onChange={(wideSpacing) =>
          set({ wideSpacing }, wideSpacing ? 'Spaced widely' : 'Spaced as usual')
        }
      />
      {closes && (
        <Toggle
          name="Answers at the foot, upside down"
          checked={layout.keyStrip === true}
          onChange={(keyStrip) =>
            set({ keyStrip }, keyStrip ? 'Put the answers at the foot' : 'Took the answers away')
          }
        />
      )}
      {dressed && (
        <>
          <Toggle
            name="Keep the usual sizes, however much room is left"
            checked={layout.asIs === true}
            onChange={(asIs) => set({ asIs }, asIs ? 'Kept the usual sizes' : 'Filled the page')}
          />
          <Toggle
            name="Print in colour"
            checked={coloured}
            onChange={(colour) =>
              set({ colour }, colour ? 'Printed in colour' : 'Printed in greys')
            }
          />
        </>
      )}
      <Toggle
        name="Spare ink"
        checked={layout.inkSaver === true}
        onChange={(inkSaver) => set({ inkSaver }, inkSaver ? 'Spared ink' : 'Printed as usual')}
      />
    </details>
  );
}
