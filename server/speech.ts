/**
 * Speech without a network: eSpeak NG (GPL-3.0-or-later) compiled to
 * WebAssembly, run once for each text. The program expects a fresh process each
 * time, so its memory is copied once and put back before every call.
 */
import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import type { Accent } from '../core/sounds/accent';

/** What to say: a text in a language, or one English sound by its phonemes. */
export type Utterance =
  | { readonly text: string; readonly language: string; readonly accent: Accent }
  | { readonly sound: string; readonly accent: Accent };

/** A text that cannot be said; the message says why. */
export class SpeechError extends Error {
  override readonly name = 'SpeechError';
}

/** Voices by BCP 47 tag; English goes by accent. */
const voices: Readonly<Record<string, string>> = {
  fr: 'fr',
  ja: 'ja',
  la: 'la',
  pt: 'pt',
  ru: 'ru',
  es: 'es',
};
const englishVoices: Readonly<Record<Accent, string>> = {
  american: 'en-us',
  british: 'en-gb-x-rp',
};

/** Phonemes as the synthesiser writes them: continuous sounds are held; voiced stops need a trace of a vowel to be heard. */
const mnemonics: Readonly<Record<string, string>> = {
  B: 'b@',
  CH: 'tS',
  D: 'd@',
  DH: 'D:',
  F: 'f:',
  G: 'g@',
  HH: 'h',
  JH: 'dZ@',
  K: 'k',
  L: 'l:',
  M: 'm:',
  N: 'n:',
  NG: 'N:',
  P: 'p',
  R: 'r@',
  S: 's:',
  SH: 'S:',
  T: 't',
  TH: 'T:',
  V: 'v:',
  W: 'w',
  Y: 'j',
  Z: 'z:',
  ZH: 'Z:',
  AA: 'A:',
  AE: 'a',
  AH: 'V',
  AO: 'O:',
  AW: 'aU',
  AY: 'aI',
  EH: 'E',
  ER: '3:',
  EY: 'eI',
  IH: 'I',
  IY: 'i:',
  OW: 'oU',
  OY: 'OI',
  UH: 'U',
  UW: 'u:',
  OH: '0',
  IA: 'i@',
  EA: 'e@',
  UA: 'U@',
};

/** Longest text that is said at once. */
export const LONGEST_TEXT = 1000;
/** Words a minute for a text, and for a single sound. */
const SPEED = { text: 140, sound: 90 };

interface Exports {
  readonly memory: WebAssembly.Memory;
  readonly stackSave: () => number;
  readonly stackRestore: (pointer: number) => void;
  readonly stackAlloc: (bytes: number) => number;
  readonly main: (count: number, list: number) => number;
}

interface Machine {
  readonly exports: Exports;
  readonly files: {
    writeFile: (name: string, content: string) => void;
    readFile: (name: string) => Uint8Array;
    unlink: (name: string) => void;
  };
  readonly memory: Uint8Array;
  readonly stack: number;
}

let starting: Promise<Machine> | undefined;

async function start(): Promise<Machine> {
  const require = createRequire(import.meta.url);
  const folder = dirname(require.resolve('espeak-ng'));
  const bytes = await readFile(join(folder, 'espeak-ng.wasm'));
  let raw: WebAssembly.Exports | undefined;
  const { default: load } = (await import('espeak-ng')) as unknown as {
    default: (options: object) => Promise<{ FS: Machine['files'] }>;
  };
  const module = await load({
    noInitialRun: true,
    print: () => undefined,
    printErr: () => undefined,
    instantiateWasm: (
      imports: WebAssembly.Imports,
      receive: (instance: WebAssembly.Instance) => void,
    ) => {
      void WebAssembly.instantiate(bytes, imports).then(({ instance }) => {
        raw = instance.exports;
        receive(instance);
      });
      return {};
    },
  });
  if (raw === undefined) throw new SpeechError('The voice could not be started.');
  const exports = {
    ...(raw as unknown as Exports),
    memory: raw['memory'],
    main: raw['main'] ?? raw['__main_argc_argv'],
  } as Exports;
  return {
    exports,
    files: module.FS,
    memory: new Uint8Array(exports.memory.buffer).slice(),
    stack: exports.stackSave(),
  };
}

function machine(): Promise<Machine> {
  starting ??= start().catch((error: unknown) => {
    starting = undefined;
    throw error;
  });
  return starting;
}

/** Runs the program as from the command line. */
function run({ exports, memory, stack }: Machine, args: readonly string[]): void {
  const bytes = new Uint8Array(exports.memory.buffer);
  bytes.fill(0, memory.length);
  bytes.set(memory);
  exports.stackRestore(stack);
  const list = exports.stackAlloc((args.length + 1) * 4);
  const pointers = args.map((text) => {
    const encoded = new TextEncoder().encode(text);
    const at = exports.stackAlloc(encoded.length + 1);
    const view = new Uint8Array(exports.memory.buffer);
    view.set(encoded, at);
    view[at + encoded.length] = 0;
    return at;
  });
  const view = new DataView(exports.memory.buffer);
  [...pointers, 0].forEach((pointer, index) => view.setUint32(list + index * 4, pointer, true));
  try {
    exports.main(args.length, list);
  } catch (error) {
    // The program ends by exit, which arrives here as a throw with a status.
    if ((error as { status?: number }).status !== 0) throw error;
  }
}

function voiceOf(utterance: Utterance): string {
  if ('sound' in utterance || utterance.language === 'en') return englishVoices[utterance.accent];
  const voice = voices[utterance.language];
  if (voice === undefined) {
    throw new SpeechError(`There is no voice for the language ${utterance.language}.`);
  }
  return voice;
}

function textOf(utterance: Utterance): string {
  if ('text' in utterance) {
    const text = utterance.text.replaceAll('[[', ' ').trim();
    if (text === '') throw new SpeechError('There is nothing to say.');
    if (text.length > LONGEST_TEXT) {
      throw new SpeechError(`At most ${LONGEST_TEXT} letters are said at once.`);
    }
    if (utterance.language === 'ja' && /\p{Script=Han}/u.test(text)) {
      throw new SpeechError('Japanese is said from kana so far: write the kanji in kana.');
    }
    return text;
  }
  const written = utterance.sound.split(' ').map((phoneme) => mnemonics[phoneme]);
  if (written.length === 0 || written.some((each) => each === undefined)) {
    throw new SpeechError(`${utterance.sound} is no sound.`);
  }
  return `[[${written.join('')}]]`;
}

const cache = new Map<string, Uint8Array>();
const CACHED = 400;
let queue: Promise<unknown> = Promise.resolve();

/**
 * The utterance as a WAV file (16-bit mono).
 *
 * @throws SpeechError for a text or language that cannot be said
 */
export async function say(utterance: Utterance): Promise<Uint8Array> {
  const key = JSON.stringify(utterance);
  const known = cache.get(key);
  if (known !== undefined) return known;
  const text = textOf(utterance);
  const voice = voiceOf(utterance);
  const speed = 'sound' in utterance ? SPEED.sound : SPEED.text;
  // A consonant on its own is faint.
  const loudness = 'sound' in utterance ? 190 : 110;
  // One after the other: the program has one memory.
  const work = queue.then(async () => {
    const ready = await machine();
    ready.files.writeFile('say.txt', text);
    run(ready, [
      'espeak-ng',
      ...['-v', voice, '-s', String(speed), '-a', String(loudness)],
      ...['-b', '1', '-f', 'say.txt', '-w', 'said.wav'],
    ]);
    const wav = ready.files.readFile('said.wav').slice();
    ready.files.unlink('said.wav');
    return wav;
  });
  queue = work.catch(() => undefined);
  const wav = await work;
  if (cache.size >= CACHED) cache.delete(cache.keys().next().value ?? '');
  cache.set(key, wav);
  return wav;
}
