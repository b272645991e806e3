import { Choice } from './Choice';
import { t } from '~/phrases/t';

const texts = [
  ['core', 'core'],
  ['support', t('lesson.supportFewerItemsChoicesGiven')],
  ['stretch', t('lesson.stretchNoChoicesSomethingMore')],
] as const;

/** Core, support or stretch, for an exercise or for all of a sheet. */
export function VersionChoice({
  version = 'core',
  onChoose,
}: {
  version: string | undefined;
  onChoose: (version: string) => void;
}) {
  return <Choice name={t('lesson.version')} value={version} options={texts} onChoose={onChoose} />;
}
