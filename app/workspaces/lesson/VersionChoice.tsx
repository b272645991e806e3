import { Choice } from './Choice';

const texts = [
  ['core', 'core'],
  ['support', 'support: fewer items, choices given, larger'],
  ['stretch', 'stretch: no choices, something more to do'],
] as const;

/** Core, support or stretch, for an exercise or for all of a sheet. */
export function VersionChoice({
  version = 'core',
  onChoose,
}: {
  version: string | undefined;
  onChoose: (version: string) => void;
}) {
  return <Choice name="Version" value={version} options={texts} onChoose={onChoose} />;
}
