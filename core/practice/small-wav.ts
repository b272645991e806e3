/**
 * A spoken WAV made small for a file that is mailed: one channel, 8 bits, a lower rate. The shape is
 * that of the RIFF/WAVE form (Microsoft and IBM, Multimedia Programming Interface, 1991).
 */

/** Enough for speech: what is said goes up to half of it. */
const RATE = 11_025;
const HEAD = 44;

interface Sound {
  readonly rate: number;
  /** −1 to 1. */
  readonly samples: Float32Array;
}

const textAt = (view: DataView, at: number) =>
  String.fromCharCode(...[0, 1, 2, 3].map((each) => view.getUint8(at + each)));

/** The samples of a PCM file of 16 bits and one channel; undefined where it is another. */
function soundOf(wav: Uint8Array): Sound | undefined {
  const view = new DataView(wav.buffer, wav.byteOffset, wav.byteLength);
  if (wav.length < HEAD || textAt(view, 0) !== 'RIFF' || textAt(view, 8) !== 'WAVE')
    return undefined;
  let rate = 0;
  for (let at = 12; at + 8 <= wav.length;) {
    const [name, size] = [textAt(view, at), view.getUint32(at + 4, true)];
    if (name === 'fmt ') {
      const plain = view.getUint16(at + 8, true) === 1 && view.getUint16(at + 10, true) === 1;
      if (!plain || view.getUint16(at + 22, true) !== 16) return undefined;
      rate = view.getUint32(at + 12, true);
    } else if (name === 'data') {
      const count = Math.floor(Math.min(size, wav.length - at - 8) / 2);
      const samples = new Float32Array(count);
      for (let each = 0; each < count; each += 1) {
        samples[each] = view.getInt16(at + 8 + each * 2, true) / 32768;
      }
      return rate > 0 ? { rate, samples } : undefined;
    }
    at += 8 + size + (size % 2);
  }
  return undefined;
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
