/**
 * A file that is taken home: exercises and texts in one page that needs no network. What is in it
 * is stated here; `player/` shows it.
 */
import type { HandName } from '../kernel/hand-names';
import type { Behaviour } from '../kernel/behaviour';
import type { Task } from '../exercises/interactions';
import type { CuedSound } from '../listening/sound-cues';
import type { PieceBoard } from '../pieces/piece-board';
import type { LearnerExercise } from './for-learner';

export interface TakeHomeExercise {
  readonly id: string;
  /** Which making it is, for the slip. */
  readonly print: string;
  readonly exercise: LearnerExercise;
  /** How it behaves, where not as the file does. */
  readonly behaviour?: Behaviour;
}

/** A board of loose pieces, to be laid at home. */
export interface TakeHomeBoard {
  readonly board: PieceBoard;
  /** By which it is checked; absent of a free board, and in a test. */
  readonly task?: Task;
}

/** A recording of the teacher's own, and the exercises that ask about it. */
export interface TakeHomeRecording extends CuedSound {
  /** Their ids. */
  readonly exercises: readonly string[];
}

export interface TakeHome {
  readonly version: 1;
  readonly title: string;
  readonly className: string;
  /** The id of the lesson, by which a slip finds its way back. */
  readonly lesson: string;
  /** Another building of the file keeps another progress. */
  readonly made: string;
  /** The language of buttons and messages; English where it is not given. */
  readonly speaks?: string;
  readonly behaviour: Behaviour;
  /** A slip is asked for at the end. */
  readonly returned: boolean;
  /** The names to choose from; the learner writes her own where there are none. */
  readonly learners: readonly string[];
  readonly exercises: readonly TakeHomeExercise[];
  readonly boards?: readonly TakeHomeBoard[];
  /** Pictures by their names, as data addresses. */
  readonly pictures: Readonly<Record<string, string>>;
  /** What is heard, as data addresses, by the ids of exercise and item with a blank between. */
  readonly sounds?: Readonly<Record<string, string>>;
  readonly recordings?: readonly TakeHomeRecording[];
  /** School hands that are traced in it: their fonts as data addresses, by the names of their families. */
  readonly fonts?: Readonly<Record<string, string>>;
}

/** The names of all pictures in a value, those of the teacher's own left out. */
export function picturesIn(value: unknown): string[] {
  const found = new Set<string>();
  const look = (each: unknown): void => {
    if (Array.isArray(each)) each.forEach(look);
    else if (typeof each === 'object' && each !== null) {
      for (const [name, inner] of Object.entries(each)) {
        if (name === 'picture' && typeof inner === 'string' && !inner.startsWith('data:')) {
          if (inner !== '' && inner !== 'none') found.add(inner);
        } else look(inner);
      }
    }
  };
  look(value);
  return [...found];
}

/** Text inside a script element of a page: nothing in it can end the element. */
const inScript = (text: string) => text.replace(/</g, '\\u003c').replace(/\u2028|\u2029/g, ' ');

const inMarkup = (text: string) =>
  text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/"/g, '&quot;');

/** No request may leave the page, whatever stands in it. */
const POLICY =
  "default-src 'none'; script-src 'unsafe-inline'; style-src 'unsafe-inline'; img-src data:; font-src data:; media-src data: blob:; connect-src 'none'; form-action 'none'; base-uri 'none'";

export interface PlayerParts {
  readonly script: string;
  readonly style: string;
}

/** A font of the file; what is no name of a family or no font is left out. */
const faceOf = ([family, address]: readonly [string, string]): string =>
  /^[\w ]+$/.test(family) && /^data:font\/woff2?;base64,[A-Za-z0-9+/=]+$/.test(address)
    ? `@font-face{font-family:'${family}';src:url(${address})}`
    : '';

/** The school hands in which something is traced on the screen. */
export const handsIn = (exercises: readonly Pick<TakeHomeExercise, 'exercise'>[]): HandName[] => [
  ...new Set(
    exercises.flatMap(({ exercise: { task } }) =>
      task.interaction === 'write' && task.items.some(({ trace }) => trace !== undefined)
        ? (task.handwriting?.hand ?? [])
        : [],
    ),
  ),
];

/** The whole page as a file. */
export const takeHomePage = ({ fonts = {}, ...home }: TakeHome, parts: PlayerParts): string =>
  pageWith(
    inScript(JSON.stringify(home)),
    { title: home.title, language: home.exercises[0]?.exercise.language ?? 'en' },
    { ...parts, style: [parts.style, ...Object.entries(fonts).map(faceOf)].join('\n') },
  );

/** The player alone: what it shows stands in the address that opens it. */
export const playerPage = (parts: PlayerParts): string =>
  pageWith('', { title: 'Exercise', language: 'en' }, parts);

function pageWith(
  data: string,
  { title, language }: { readonly title: string; readonly language: string },
  { script, style }: PlayerParts,
): string {
  return `<!doctype html>
<html lang="${inMarkup(language)}">
<head>
<meta charset="utf-8">
<meta http-equiv="Content-Security-Policy" content="${POLICY}">
<meta name="viewport" content="width=device-width, initial-scale=1">
<title>${inMarkup(title)}</title>
<style>${style.replace(/<\/style/gi, '<\\/style')}</style>
</head>
<body>
<div id="root"><noscript>This file needs a browser with JavaScript switched on.</noscript></div>
<script type="application/json" id="take-home">${data}</script>
<script>${script.replace(/<\/script/gi, '<\\/script')}</script>
</body>
</html>
`;
}
