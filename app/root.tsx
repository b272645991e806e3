import { useContext, useEffect, useState, useSyncExternalStore } from 'react';
import {
  Links,
  Meta,
  Outlet,
  Scripts,
  ScrollRestoration,
  isRouteErrorResponse,
  useMatches,
  useNavigation,
  useRevalidator,
  type ShouldRevalidateFunction,
} from 'react-router';
import type { Route } from './+types/root';
import { ReachRuler } from './ui/ReachRuler';
import type { ReachState } from './ui/reach-state';
import { NonceContext } from './ui/nonce';
import { Masthead } from './ui/Masthead';
import { Waits } from './ui/Waits';
import { fontFamily } from './ui/fonts';
import { watchOthers } from './storage/watch';
import { lastChange, nextRedo, whatWasUndone } from './storage/change';
import { beOpen } from './storage/tabs';
import { opened, StorageError } from './storage/database';
import { askToKeep } from './storage/room';
import { stayOpen, type LoadNewVersion } from './ui/offline';
import { useKeptFocus } from './ui/keep-focus';
import { focusClass, listClasses, openList } from './storage/repository';
import './styles/app.scss';
import { inEnglish, t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

export const meta: Route.MetaFunction = () => [
  { title: 'Wordane' },
  { name: 'description', content: t('frame.literacyAndLanguageMaterialsThat') },
];

export async function clientLoader() {
  await opened();
  const [classes, focus, latest] = await Promise.all([listClasses(), focusClass(), lastChange()]);
  return {
    classes,
    focus,
    latest: latest ? { id: latest.id, label: latest.label } : undefined,
    undone: whatWasUndone(),
    again: nextRedo()?.label,
  };
}
clientLoader.hydrate = true as const;

/** What can be shown before anything is computed: the class and its open list. */
async function deskAsLeft() {
  const desk = await clientLoader();
  return { ...desk, list: desk.focus ? await openList(desk.focus.id) : undefined };
}

export const shouldRevalidate: ShouldRevalidateFunction = () => true;

export function Layout({ children }: { children: React.ReactNode }) {
  const nonce = useContext(NonceContext);
  return (
    // The server speaks English; the page says its own language as soon as it knows it.
    <html lang="en-GB" suppressHydrationWarning>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <link rel="manifest" href="/manifest.webmanifest" />
        <link rel="icon" href="/wordane.svg" type="image/svg+xml" />
        <Meta />
        <Links />
      </head>
      <body>
        {children}
        <ScrollRestoration nonce={nonce} />
        <Scripts nonce={nonce} />
      </body>
    </html>
  );
}

/** While the word bank is on its way: the desk as it was left, with every place to go to. */
export function HydrateFallback() {
  const [desk, setDesk] = useState<Awaited<ReturnType<typeof deskAsLeft>>>();
  // As the server wrote it, until the page is taken over.
  const say = useSyncExternalStore<typeof inEnglish>(
    () => () => undefined,
    () => t,
    () => inEnglish,
  );
  useEffect(() => {
    // Where it cannot be read, the page itself says why.
    deskAsLeft().then(setDesk, () => undefined);
  }, []);
  return (
    <div className="app-shell" data-desk={desk !== undefined}>
      {desk ? (
        <Masthead {...desk} />
      ) : (
        <div className="masthead">
          <span className="masthead__mark">wordane</span>
        </div>
      )}
      <main className="page">
        <p role="status">{say('frame.openingYourDesk')}</p>
        {desk?.list && (
          <section className="card-paper">
            <h1 className="h5">{desk.list.name}</h1>
            <p className="learner-text">{desk.list.words.slice(0, 40).join(' · ')}</p>
          </section>
        )}
        <noscript>{inEnglish('frame.wordaneWorksInTheBrowser')}</noscript>
      </main>
    </div>
  );
}

/** What is open, told by the deepest route that has something open. */
function useReachState(): ReachState | undefined {
  const matches = useMatches();
  for (const match of [...matches].reverse()) {
    const data = match.loaderData as { reach?: ReachState } | undefined;
    if (data?.reach !== undefined) return data.reach;
  }
  return undefined;
}

export default function App({ loaderData }: Route.ComponentProps) {
  const { classes, focus, latest, undone, again } = loaderData;
  const revalidator = useRevalidator();
  const navigation = useNavigation();
  const reach = useReachState();
  // The board has the whole screen.
  const bare = useMatches().some(({ handle }) => (handle as { bare?: true } | undefined)?.bare);
  const [ready, setReady] = useState(false);
  const [newVersion, setNewVersion] = useState<LoadNewVersion>();
  useKeptFocus();
  useEffect(() => {
    setReady(true);
    document.documentElement.lang = locale;
    void askToKeep();
    void beOpen();
    // Where it cannot be had, everything else works as before.
    if (import.meta.env.PROD) stayOpen((load) => setNewVersion(() => load)).catch(() => undefined);
    return watchOthers(() => void revalidator.revalidate());
    // The watcher lives as long as the page; the revalidator keeps its identity by router.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  return (
    <>
      {navigation.state !== 'idle' && (
        <div className="working" role="progressbar" aria-label={t('frame.working')} />
      )}
      <div
        className="app-shell"
        data-ready={ready}
        style={
          focus ? ({ '--learner-font': fontFamily(focus.font) } as React.CSSProperties) : undefined
        }
      >
        {!bare && (
          <>
            <a className="skip-link" href="#main">
              {t('frame.skipToThePage')}
            </a>
            <Masthead {...{ classes, focus, latest, undone, again }} />
            <Waits onNewVersion={newVersion} />
            {focus && <ReachRuler profile={focus} state={reach} />}
          </>
        )}
        <main id="main" tabIndex={-1}>
          <Outlet />
        </main>
      </div>
    </>
  );
}

/** Where not even the desk can be opened. */
export function ErrorBoundary({ error }: Route.ErrorBoundaryProps) {
  const message =
    error instanceof StorageError
      ? error.message
      : isRouteErrorResponse(error)
        ? t('frame.thisPageIsNotHere')
        : t('frame.somethingWentWrongWhatYou');
  return (
    <main className="page">
      <div className="empty">
        <h1 className="h3">{message}</h1>
        <p className="d-flex gap-2 justify-content-center">
          <button type="button" className="btn btn-primary" onClick={() => location.reload()}>
            {t('frame.tryAgain')}
          </button>
          <a className="btn btn-outline-dark" href="/">
            {t('frame.backToTheDesk')}
          </a>
        </p>
        {error instanceof Error && !(error instanceof StorageError) && (
          <p className="quiet">{error.message}</p>
        )}
      </div>
    </main>
  );
}
