import { redirect } from 'react-router';
import { addDemo } from '~/storage/backups';
import { engine } from '~/workers/engine.client';
import { t } from '~/phrases/t';

/** Puts the Fernhill demo in beside what is here, and opens it. */
export async function clientLoader() {
  const demo = await engine().demo();
  await addDemo(demo);
  throw redirect('/words');
}
clientLoader.hydrate = true as const;

export function HydrateFallback() {
  return <p role="status">{t('page.puttingTheDemoIn')}</p>;
}

export { PageError as ErrorBoundary } from '~/ui/PageError';

export default function Demo() {
  return null;
}
