import {
  interfaceLanguage,
  interfaceLanguages,
  speak,
  type InterfaceLanguage,
} from '~/phrases/interface-language';
import { t } from '~/phrases/t';

/** The language in which Wordane speaks to the teacher on this device. */
export function LanguageChoice() {
  return (
    <select
      className="form-select w-auto"
      aria-label={t('frame.languageOfWordane')}
      value={interfaceLanguage}
      onChange={(event) => {
        speak(event.currentTarget.value as InterfaceLanguage);
        location.reload();
      }}
    >
      {Object.entries(interfaceLanguages).map(([id, name]) => (
        <option key={id} value={id} lang={id}>
          {name}
        </option>
      ))}
    </select>
  );
}
