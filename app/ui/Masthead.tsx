import { useEffect } from 'react';
import { Dropdown } from 'react-bootstrap';
import { BsArrowCounterclockwise } from 'react-icons/bs';
import { Link, NavLink, useFetcher, useLocation, useNavigate } from 'react-router';
import { scaleOf } from '~core/classes/class-level';
import type { ClassProfile } from '~core/classes/class-profile';
import type { ActionAnswer } from '~/routes/action-answer';
import { MenuItem } from './MenuItem';

const places = [
  { to: '/classes', name: 'Classes' },
  { to: '/words', name: 'Words' },
  { to: '/texts', name: 'Texts' },
  { to: '/lessons', name: 'Lessons' },
  { to: '/shelf', name: 'Shelf' },
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
    ? `${level} · no step yet`
    : `${level} · steps 1–${profile.step} taught`;
}

export interface MastheadProps {
  readonly classes: readonly ClassProfile[];
  readonly focus: ClassProfile | undefined;
  readonly latest: { id: number; label: string } | undefined;
}

/** What belongs to a class stays open only while that class is in focus: the place it is kept in opens instead. */
const placeOf = (path: string) => /^\/(lessons|texts|classes)\/./.exec(path)?.[1];

/** The header: places, undo, and the class in focus. */
export function Masthead({ classes, focus, latest }: MastheadProps) {
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
      if ((event.ctrlKey || event.metaKey) && event.key === 'z' && !event.shiftKey && !typing) {
        event.preventDefault();
        send({ intent: 'undo' });
      }
    };
    window.addEventListener('keydown', onKeyDown);
    return () => window.removeEventListener('keydown', onKeyDown);
  });
  return (
    <header className="masthead">
      <Link to="/" className="masthead__mark" aria-label="Wordane, start">
        <Vane />
        wordane
      </Link>
      <nav aria-label="Places" className="flex-fill">
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
      {latest && (
        <button
          type="button"
          className="undo-button"
          title={`Undo: ${latest.label}`}
          onClick={() => send({ intent: 'undo', id: latest.id })}
        >
          <BsArrowCounterclockwise aria-hidden="true" />
          <span>Undo: {latest.label}</span>
        </button>
      )}
      {focus && (
        <Dropdown align="end">
          <Dropdown.Toggle as="button" type="button" bsPrefix="class-button">
            <strong>{focus.name}</strong> <small>{describe(focus)}</small>
          </Dropdown.Toggle>
          <Dropdown.Menu aria-label="Class in focus">
            {classes.map((profile) => (
              <MenuItem
                key={profile.id}
                current={profile.id === focus.id}
                onChoose={() => void choose(profile.id)}
              >
                {profile.name} <small>{describe(profile)}</small>
              </MenuItem>
            ))}
            <Dropdown.Divider />
            <MenuItem onChoose={() => void navigate('/classes?new=1')}>Make a class …</MenuItem>
          </Dropdown.Menu>
        </Dropdown>
      )}
    </header>
  );
}
