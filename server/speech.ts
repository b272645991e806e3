/**
 * Speech without a network: eSpeak NG (GPL-3.0-or-later) in a process of its own
 * (`speech-process.mjs`), with a queue before it and a cache behind.
 */
import { fork, type ChildProcess } from 'node:child_process';
import { join } from 'node:path';
import type { Accent } from '../core/kernel/accent';
import { packOf } from '../core/languages/registry/registry';
import { Queue } from './queue';

/** What to say: a text in a language, or one English sound by its phonemes. */
export type Utterance =
  | {
      readonly text: string;
      readonly language: string;
      readonly accent: Accent;
      /** 1 as usual, 0.5 for half as fast, 1.5 at most. */
      readonly pace?: number;
    }
  | { readonly sound: string; readonly accent: Accent };

/** A text that cannot be said; the message says why. */
export class SpeechError extends Error {
  override readonly name = 'SpeechError';
}

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

let running: ChildProcess | undefined;
const waiting = new Map<number, (answer: Answer) => void>();
let asked = 0;

interface Answer {
  readonly id: number;
  readonly wav?: string;
  readonly error?: string;
}

/** The process that speaks; started with the first word, and again where it has ended. */
function speaker(): ChildProcess {
  if (running !== undefined) return running;
  const started = fork(join(process.cwd(), 'server/speech-process.mjs'), { serialization: 'json' });
  started.on('message', (answer: Answer) => waiting.get(answer.id)?.(answer));
  started.on('exit', () => {
    if (running === started) running = undefined;
    for (const [id, tell] of waiting) tell({ id, error: 'The voice has stopped.' });
  });
  // It does not keep the server alive by itself.
  started.unref();
  started.channel?.unref();
  running = started;
  return started;
}

/** Ends the process that speaks; the next word starts another. */
export function stopSpeaking(): void {
  running?.kill();
  running = undefined;
}

function ask(order: object, signal: AbortSignal): Promise<Uint8Array> {
  const id = (asked += 1);
  return new Promise<Uint8Array>((resolve, reject) => {
    waiting.set(id, ({ wav, error }) => {
      waiting.delete(id);
      if (wav === undefined) reject(new Error(error ?? 'The voice gave no sound.'));
      else resolve(Buffer.from(wav, 'base64'));
    });
    // Whatever hangs in there is not waited for, and does not hold up the next.
    signal.addEventListener('abort', () => {
      waiting.delete(id);
      stopSpeaking();
    });
    const process = speaker();
    process.ref();
    process.send({ id, ...order });
  });
}

/** Of languages that a card may be in and that have no pack: as eSpeak NG names them. */
const voices: Readonly<Record<string, string>> = {
  ar: 'ar',
  de: 'de',
  el: 'el',
  fa: 'fa',
  hi: 'hi',
  it: 'it',
  nl: 'nl',
  pl: 'pl',
  ro: 'ro',
  tr: 'tr',
  uk: 'uk',
  vi: 'vi',
  zh: 'cmn',
};

function voiceOf(utterance: Utterance): string {
  const { tag, voice = voices[tag] } = packOf('sound' in utterance ? 'en' : utterance.language);
  if (voice === undefined) throw new SpeechError(`There is no voice for the language ${tag}.`);
  return typeof voice === 'string' ? voice : voice[utterance.accent];
}

function speedOf(utterance: Utterance): number {
  if ('sound' in utterance) return SPEED.sound;
  const { pace = 1 } = utterance;
  if (!(pace >= 0.5 && pace <= 1.5)) {
    throw new SpeechError('The voice speaks from half as fast to half as fast again: 0.5 to 1.5.');
  }
  return Math.round(SPEED.text * pace);
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

/** Said before: kept up to so many bytes, the oldest given up first. */
const cache = new Map<string, Uint8Array>();
export const CACHE_BYTES = 32 * 1024 * 1024;
let cached = 0;

function keep(key: string, wav: Uint8Array): void {
  cache.set(key, wav);
  cached += wav.byteLength;
  for (const [oldest, { byteLength }] of cache) {
    if (cached <= CACHE_BYTES) break;
    cache.delete(oldest);
    cached -= byteLength;
  }
}

/** One after the other: the program has one memory. */
const queue = new Queue({ atOnce: 1, waiting: 60, deadline: 20_000 });

/**
 * The utterance as a WAV file (16-bit mono).
 *
 * @throws SpeechError for a text or language that cannot be said
 * @throws BusyError where too much is to be said at once
 */
export async function say(utterance: Utterance): Promise<Uint8Array> {
  const key = JSON.stringify(utterance);
  const known = cache.get(key);
  if (known !== undefined) return known;
  const isSound = 'sound' in utterance;
  const order = {
    text: textOf(utterance),
    voice: voiceOf(utterance),
    speed: speedOf(utterance),
    // A consonant on its own is faint.
    loudness: isSound ? 190 : 110,
  };
  const wav = await queue.run((signal) => ask(order, signal));
  keep(key, wav);
  return wav;
}
