import { useEffect, useState } from 'react';
import { Dropdown, Modal } from 'react-bootstrap';
import { BsArrowClockwise, BsArrowCounterclockwise } from 'react-icons/bs';
import { Link, NavLink, useFetcher, useLocation, useNavigate } from 'react-router';
import { scaleOf } from '~core/classes/class-level';
import type { ClassProfile } from '~core/classes/class-profile';
import type { ActionAnswer } from '~/routes/action-answer';
import { MenuItem } from './MenuItem';
import { useSaid } from './use-said';
import { t } from '~/phrases/t';

const places = [
  { to: '/classes', name: t('frame.classes') },
  { to: '/words', name: t('frame.words') },
  { to: '/texts', name: t('frame.texts') },
  { to: '/lessons', name: t('frame.lessons') },
  { to: '/shelf', name: t('frame.shelf') },
];

/** The sign: a weather vane. */
function Vane() {
  return (
    <svg width="24" height="26" viewBox="0 0 24 26" aria-hidden="true">
      <path d="M2 5h14l4 4-4 4H2l3-4z" fill="currentColor" />
      <path d="M12 1v24M7 25h10" stroke="#fff" strokeWidth="2" fill="none" />
    </svg>
  );
}

function describe(profile: ClassProfile): string {
  const level = scaleOf(profile.level).name;
  if (profile.step === null) return level;
  return profile.step === 0
    ? t('frame.noStepYet', { level })
    : t('frame.steps1Taught', { level, step: profile.step });
}

export interface MastheadProps {
  readonly classes: readonly ClassProfile[];
  readonly focus: ClassProfile | undefined;
  readonly latest: { id: number; label: string } | undefined;
  readonly undone?: { label: string; count: number } | undefined;
  /** What was undone and can be done again. */
  readonly again?: string | undefined;
}

/** What is open, where it belongs to a class. */
function openRecord(path: string): { of: 'lessons' | 'lists' | 'texts'; id: string } | undefined {
  const [, of, id] = /^\/(lessons|lists|texts)\/([^/]+)/.exec(path) ?? [];
  if (of === undefined || id === undefined || id === 'new') return undefined;
  return { of: of as 'lessons' | 'lists' | 'texts', id };
}

const oneOf = { lessons: 'lesson', lists: 'list', texts: 'text' } as const;

/** Asks what another class means for what is open. */
function OtherClass({
  open,
  from,
  to,
  onCopy,
  onLeave,
  onStay,
}: {
  open: 'lessons' | 'lists' | 'texts';
  from: string;
  to: string;
  onCopy: () => void;
  onLeave: () => void;
  onStay: () => void;
}) {
  const one = oneOf[open];
  return (
    <Modal show onHide={onStay} centered aria-labelledby="other-class">
      <Modal.Header closeButton>
        <Modal.Title as="h2" id="other-class" className="h5">
          {t('frame.thisBelongsTo', { one, from })}
        </Modal.Title>
      </Modal.Header>
      <Modal.Body className="d-grid gap-2">
        <button type="button" className="btn btn-primary" onClick={onCopy}>
          {t('frame.makeACopyOfIt', { to })}
        </button>
        <button type="button" className="btn btn-outline-dark" onClick={onLeave}>
          {t('frame.leaveItAndGoTo', { to })}
        </button>
        <button type="button" className="btn btn-outline-dark" onClick={onStay}>
          {t('frame.stayWith', { from })}
        </button>
        <p className="small quiet mb-0">{t('frame.aCopyIsCheckedAgainst', { to })}</p>
      </Modal.Body>
    </Modal>
  );
}

/** What belongs to a class stays open only while that class is in focus: the place it is kept in opens instead. */
const placeOf = (path: string) => /^\/(lessons|texts|classes)\/./.exec(path)?.[1];

/** The header: places, undo, and the class in focus. */
export function Masthead({ classes, focus, latest, undone, again }: MastheadProps) {
  const said = useSaid(latest, undone);
  const [asked, setAsked] = useState<ClassProfile>();
  const fetcher = useFetcher<ActionAnswer>();
  const problem = fetcher.data && !fetcher.data.ok ? fetcher.data.message : undefined;
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const send = (body: object) =>
    void fetcher.submit(body as never, {
      method: 'post',
      action: '/?index',
      encType: 'application/json',
    });
  const open = openRecord(pathname);
  const ask = (profile: ClassProfile) => {
    if (profile.id === focus?.id) return;
    if (open) setAsked(profile);
    else void choose(profile.id);
  };
  const choose = async (id: string) => {
    // First away from what belongs to the other class, or opening it would bring that back into focus.
    const place = placeOf(pathname);
    if (place !== undefined) await navigate(place === 'classes' ? `/classes/${id}` : `/${place}`);
    else if (pathname.startsWith('/lists/')) await navigate('/words');
    send({ intent: 'focus', id });
  };
  useEffect(() => {
    const onKeyDown = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      const typing = /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName) || target.isContentEditable;
      if (!(event.ctrlKey || event.metaKey) || typing) return;
      const key = event.key.toLowerCase();
      if (key === 'z' && !event.shiftKey) {
        event.preventDefault();
        send({ intent: 'undo' });
      } else if (key === 'y' || key === 'z') {
        event.preventDefault();
        send({ intent: 'redo' });
      }
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  });
  return (
    <header className="masthead">
      <Link to="/" className="masthead__mark" aria-label={t('frame.wordaneStart')}>
        <Vane />
        wordane
      </Link>
      <nav aria-label={t('frame.places')} className="flex-fill">
        <ul className="masthead__places">
          {places.map((place) => (
            <li key={place.to}>
              <NavLink to={place.to}>{place.name}</NavLink>
            </li>
          ))}
        </ul>
      </nav>
      {problem && (
        <span className="masthead__problem" role="alert">
          {problem}
        </span>
      )}
      <span className="visually-hidden" role="status">
        {said === 'did' && latest?.label}
        {said === 'undid' && t('frame.undone', { label: undone?.label ?? '' })}
      </span>
      {latest && (
        <button
          type="button"
          className={said === 'did' ? 'undo-button undo-button--news' : 'undo-button'}
          title={t('frame.undo', { label: latest.label })}
          onClick={() => send({ intent: 'undo', id: latest.id })}
        >
          <BsArrowCounterclockwise aria-hidden="true" />
          <span>{t('frame.undo', { label: latest.label })}</span>
        </button>
      )}
      {again !== undefined && (
        <button
          type="button"
          className={said === 'undid' ? 'undo-button undo-button--news' : 'undo-button'}
          title={t('frame.doAgain', { again })}
          aria-label={t('frame.doAgain', { again })}
          onClick={() => send({ intent: 'redo' })}
        >
          <BsArrowClockwise aria-hidden="true" />
          {said === 'undid' && <span>{t('frame.undone2', { again })}</span>}
        </button>
      )}
      {asked && open && focus && (
        <OtherClass
          open={open.of}
          from={focus.name}
          to={asked.name}
          onStay={() => setAsked(undefined)}
          onCopy={() => {
            setAsked(undefined);
            send({ intent: 'copy', ...open, classId: asked.id });
          }}
          onLeave={() => {
            setAsked(undefined);
            void choose(asked.id);
          }}
        />
      )}
      {focus && (
        <Dropdown align="end">
          <Dropdown.Toggle as="button" type="button" bsPrefix="class-button">
            <strong>{focus.name}</strong> <small>{describe(focus)}</small>
          </Dropdown.Toggle>
          <Dropdown.Menu aria-label={t('frame.classInFocus')}>
            {classes.map((profile) => (
              <MenuItem
                key={profile.id}
                current={profile.id === focus.id}
                onChoose={() => ask(profile)}
              >
                {profile.name} <small>{describe(profile)}</small>
              </MenuItem>
            ))}
            <Dropdown.Divider />
            <MenuItem onChoose={() => void navigate('/classes?new=1')}>
              {t('frame.makeAClass')}
            </MenuItem>
          </Dropdown.Menu>
        </Dropdown>
      )}
    </header>
  );
}
