import { Button } from 'react-bootstrap';
import { AutoField } from '~/ui/AutoField';
import { Toggle } from '~/ui/Toggle';
import type { ExercisePart, Send } from './built-part';
import { makerInfo, parametersOf } from '~core/exercises/catalogue';
import { homeLanguages } from '~core/exercises/making/said-at-home';
import { languageName } from '~/ui/language-name';
import { MakerPanel } from './MakerPanel';
import { VersionChoice } from './VersionChoice';

/** Title, instruction, version and the switches of an exercise. */
export function ExerciseOptions({ open, send }: { open: ExercisePart; send: Send }) {
  const { part, exercise } = open;
  const set = (parameters: object, label: string) =>
    send({ intent: 'parameters', part: part.id, parameters, label });
  const { canShowWorked, hasBank, bankIsUsual } = open.facts;
  const bank = part.parameters.bank ?? bankIsUsual;
  const { shuffle } = parametersOf(makerInfo(part.maker));
  const shuffled = part.parameters.shuffle ?? (shuffle?.kind === 'flag' && shuffle.usual);
  return (
    <>
      <h3>The sheet</h3>
      <AutoField
        label="Title of the sheet"
        className="form-control form-control-sm mb-2"
        value={exercise.title}
        payload={(title) => ({
          intent: 'parameters',
          part: part.id,
          parameters: { title },
          label: 'Changed the title of the sheet',
        })}
      />
      <AutoField
        label="Instruction"
        className="form-control form-control-sm mb-2"
        multiline
        value={exercise.instruction}
        payload={(instruction) => ({
          intent: 'parameters',
          part: part.id,
          parameters: { instruction },
          label: 'Changed the instruction',
        })}
      />
      <label className="d-block small mb-2">
        A line under it in
        <select
          className="form-select form-select-sm"
          value={part.parameters.alsoIn ?? ''}
          onChange={(event) => {
            const alsoIn = event.currentTarget.value;
            set(
              { alsoIn },
              alsoIn === ''
                ? 'Took the line under the instruction away'
                : `Said it in ${languageName(alsoIn)}, too`,
            );
          }}
        >
          <option value="">no other language</option>
          {homeLanguages.map((tag) => (
            <option key={tag} value={tag}>
              {languageName(tag)}
            </option>
          ))}
        </select>
      </label>
      <VersionChoice
        version={part.parameters.version}
        onChoose={(version) => set({ version }, `Made the ${version} version`)}
      />
      <MakerPanel open={open} onSet={set} />
      {canShowWorked && (
        <Toggle
          name="Show item 1 worked"
          checked={exercise.worked}
          onChange={(worked) =>
            set({ worked }, worked ? 'Showed item 1 worked' : 'Hid the worked item')
          }
        />
      )}
      {hasBank && (
        <Toggle
          name="Give the choices in a box"
          checked={bank}
          onChange={(given) =>
            set({ bank: given }, given ? 'Gave the choices' : 'Took the choices away')
          }
        />
      )}
      <Toggle
        name="Shuffle"
        checked={shuffled}
        onChange={(shuffle) =>
          set({ shuffle }, shuffle ? 'Shuffled' : 'Kept the order of the list')
        }
      />
      {shuffled && (
        <Button
          size="sm"
          variant="outline-dark"
          className="mt-1"
          onClick={() => send({ intent: 'shuffle', part: part.id })}
        >
          Shuffle again
        </Button>
      )}
    </>
  );
}
