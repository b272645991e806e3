import { useId } from 'react';
import { levelOptions, type ClassLevel, type LevelSystem } from '~core/classes/class-level';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

const systemNames: Record<LevelSystem, string> = {
  uk: t('classes.ukYear'),
  us: t('classes.usGrade'),
  cefr: t('classes.cefrLevel'),
};

/** The level of a class: one list, grouped by how the school counts. */
export function LevelField({
  level,
  onChange,
}: {
  level: ClassLevel;
  onChange: (level: ClassLevel) => void;
}) {
  const id = useId();
  return (
    <div>
      <label className="form-label" htmlFor={id}>
        {t('classes.level')}
      </label>
      <select
        id={id}
        className="form-select"
        value={`${level.system}:${level.value}`}
        onChange={(event) => {
          const [system, value] = event.currentTarget.value.split(':') as [LevelSystem, string];
          onChange({ system, value });
        }}
      >
        {(Object.keys(levelOptions) as LevelSystem[]).map((system) => (
          <optgroup key={system} label={systemNames[system]}>
            {levelOptions[system].map((option) => (
              <option key={option.value} value={`${system}:${option.value}`}>
                {coreName(option.name)}
              </option>
            ))}
          </optgroup>
        ))}
      </select>
    </div>
  );
}
