/**
 * A spoken WAV made small for a file that is mailed: one channel, 8 bits, a lower rate. The shape is
 * that of the RIFF/WAVE form (Microsoft and IBM, Multimedia Programming Interface, 1991).
 */

import { readWav } from '../listening/join-wav';

/** Enough for speech: what is said goes up to half of it. */
const RATE = 11_025;
const HEAD = 44;

/** The samples, −1 to 1; undefined where it is no plain WAV. */
function soundOf(wav: Uint8Array) {
  try {
    const { rate, samples } = readWav(wav);
    return { rate, samples: Float32Array.from(samples, (sample) => sample / 32768) };
  } catch {
    return undefined;
  }
}

/** The same sound in fewer bytes; what is no WAV of 16 bits comes back as it was. */
export function smallWav(wav: Uint8Array): Uint8Array {
  const sound = soundOf(wav);
  if (sound === undefined || sound.rate <= RATE) return wav;
  const step = sound.rate / RATE;
  const count = Math.floor(sound.samples.length / step);
  const small = new Uint8Array(HEAD + count + (count % 2));
  const view = new DataView(small.buffer);
  const write = (at: number, text: string) =>
    [...text].forEach((sign, index) => view.setUint8(at + index, sign.charCodeAt(0)));
  write(0, 'RIFF');
  view.setUint32(4, small.length - 8, true);
  write(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, RATE, true);
  view.setUint32(28, RATE, true);
  view.setUint16(32, 1, true);
  view.setUint16(34, 8, true);
  write(36, 'data');
  view.setUint32(40, count, true);
  for (let each = 0; each < count; each += 1) {
    // The mean of what falls together: higher sounds would come back as others.
    const [from, to] = [Math.floor(each * step), Math.floor((each + 1) * step)];
    let sum = 0;
    for (let at = from; at < to; at += 1) sum += sound.samples[at] ?? 0;
    const mean = sum / Math.max(1, to - from);
    small[HEAD + each] = Math.max(0, Math.min(255, Math.round(mean * 127 + 128)));
  }
  return small;
}
