import { useState } from 'react';
import { Link } from 'react-router';
import { structureNames } from '~core/grammar/structures/structure-table';
import { Toggle } from '~/ui/Toggle';
import type { ExercisePart } from './built-part';
import { Choice } from './Choice';
import { sectionChoices, textChoices, useClassTexts } from './class-texts';

interface ChoicesProps {
  readonly open: ExercisePart;
  readonly onSet: (parameters: object, label: string) => void;
}

/** No section: what is kept must say so, because settings are laid over those before. */
const WHOLE = -1;

/** Makers that can make more or fewer items. */
const countable = new Set([
  'text-word-box',
  'find-it',
  'true-false-not-said',
  'order-of-events',
  'word-in-context',
  'work-it-out',
  'gist-and-detail',
  'device-chart',
  'character-traits',
  'text-structure',
  'who-did-what',
]);

/** A field that is kept when it is left. */
function Field({
  label,
  value,
  onSave,
  lines = 1,
}: {
  label: string;
  value: string;
  onSave: (value: string) => void;
  lines?: number;
}) {
  const [draft, setDraft] = useState(value);
  const Tag = lines > 1 ? 'textarea' : 'input';
  return (
    <label className="d-block mb-2">
      {label}
      <Tag
        className="form-control form-control-sm"
        rows={lines > 1 ? lines : undefined}
        value={draft}
        onChange={(event) => setDraft(event.currentTarget.value)}
        onBlur={() => draft !== value && onSave(draft)}
      />
    </label>
  );
}

function WritingTask({ open, onSet }: ChoicesProps) {
  const { fewest = 60, most = 100, required, topic } = open.part.parameters;
  const sizes = [20, 40, 60, 80, 100, 120, 150, 200, 250, 300, 400, 500];
  const choices = (value: number) =>
    [...new Set([...sizes, value])]
      .sort((left, right) => left - right)
      .map((each) => [each, `${each} words`] as const);
  const { task } = open.exercise;
  const words =
    required ?? (task.interaction === 'write' ? (task.items[0]?.checks?.words ?? []) : []);
  return (
    <>
      <Choice
        name="Fewest words"
        value={fewest}
        options={choices(fewest)}
        onChoose={(value) => onSet({ fewest: Number(value) }, `Wanted ${value} words or more`)}
      />
      <Choice
        name="Most words"
        value={most}
        options={choices(most)}
        onChoose={(value) => onSet({ most: Number(value) }, `Wanted ${value} words at most`)}
      />
      <Field
        key={words.join()}
        label="Words that must be used"
        value={words.join(', ')}
        onSave={(value) =>
          onSet(
            {
              required: value
                .split(',')
                .map((word) => word.trim())
                .filter((word) => word !== ''),
            },
            'Changed the words that must be used',
          )
        }
      />
      <Choice
        name="Structure that must be used"
        value={open.part.parameters.grammar ?? ''}
        options={[['', 'none'], ...structureNames.map((name) => [name, name] as const)]}
        onChoose={(grammar) =>
          onSet({ grammar }, grammar === '' ? 'Asked for no structure' : `Asked for the ${grammar}`)
        }
      />
      {open.part.parameters.grammar && (
        <Choice
          name="How often"
          value={open.part.parameters.count || 3}
          options={[1, 2, 3, 4, 5].map((count) => [count, `${count} times or more`] as const)}
          onChoose={(count) => onSet({ count: Number(count) }, `Asked for it ${count} times`)}
        />
      )}
      <Field
        label="What to write"
        lines={2}
        value={topic ?? ''}
        onSave={(value) => onSet({ topic: value.trim() }, 'Changed what to write')}
      />
    </>
  );
}

/** Which text, which of its sections, how many items; the text printed above or not. */
export function ReadingChoices({ open, onSet }: ChoicesProps) {
  const texts = useClassTexts();
  const { maker, parameters } = open.part;
  const text = texts.find(({ id }) => id === parameters.textId);
  const sections = sectionChoices(text);
  return (
    <>
      <Choice
        name="Text"
        value={text?.id ?? ''}
        options={textChoices(texts)}
        onChoose={(textId, title) => onSet({ textId, section: WHOLE }, `Asked about ${title}`)}
      />
      {texts.length === 0 && <Link to="/texts">Bring a text in</Link>}
      {sections.length > 1 && (
        <Choice
          name="Section"
          value={(parameters.section ?? WHOLE) === WHOLE ? '' : (parameters.section ?? '')}
          options={sections}
          onChoose={(section, title) =>
            onSet({ section: section === '' ? WHOLE : Number(section) }, `Asked about ${title}`)
          }
        />
      )}
      {countable.has(maker) && (
        <Choice
          name="How many"
          value={parameters.count || ''}
          options={[
            ['', 'as many as usual'],
            ...[3, 4, 5, 6, 8, 10, 12].map((count) => [count, String(count)] as const),
          ]}
          onChoose={(count) => onSet({ count: Number(count) }, 'Changed how many')}
        />
      )}
      {maker === 'character-traits' && (
        <Field
          label="About whom"
          value={parameters.character ?? ''}
          onSave={(character) => onSet({ character: character.trim() }, 'Chose the person')}
        />
      )}
      {maker === 'writing-task' && <WritingTask open={open} onSet={onSet} />}
      {maker !== 'questions-between' && (
        <Toggle
          name="Print the text above"
          checked={parameters.printText === true}
          onChange={(printText) =>
            onSet({ printText }, printText ? 'Printed the text above' : 'Left the text out')
          }
        />
      )}
      {text && (
        <p className="small mt-1 mb-0">
          <Link to={`/texts/${text.id}`}>Open the text</Link>
        </p>
      )}
    </>
  );
}
