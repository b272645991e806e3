/**
 * Sounds one after the other with silence between, as one WAV: 16 bits, one channel. The shape is
 * that of the RIFF/WAVE form (Microsoft and IBM, Multimedia Programming Interface, 1991).
 */

const HEAD = 44;

/** A sound of one channel: its rate in samples a second, and its samples of 16 bits. */
export interface Pcm {
  readonly rate: number;
  readonly samples: Int16Array;
}

const nameAt = (view: DataView, at: number) =>
  String.fromCharCode(...[0, 1, 2, 3].map((each) => view.getUint8(at + each)));

/**
 * The samples of a WAV.
 *
 * @throws RangeError where it is none, or not of 16 bits and one channel
 */
export function readWav(wav: Uint8Array): Pcm {
  const view = new DataView(wav.buffer, wav.byteOffset, wav.byteLength);
  const wrong = new RangeError('This is no WAV of 16 bits and one channel.');
  if (wav.length < HEAD || nameAt(view, 0) !== 'RIFF' || nameAt(view, 8) !== 'WAVE') throw wrong;
  let rate = 0;
  for (let at = 12; at + 8 <= wav.length;) {
    const [name, size] = [nameAt(view, at), view.getUint32(at + 4, true)];
    if (name === 'fmt ') {
      const plain = view.getUint16(at + 8, true) === 1 && view.getUint16(at + 10, true) === 1;
      if (!plain || view.getUint16(at + 22, true) !== 16) throw wrong;
      rate = view.getUint32(at + 12, true);
    } else if (name === 'data') {
      if (rate === 0) throw wrong;
      // A stream may not know its length and says the most there can be.
      const count = Math.floor(Math.min(size, wav.length - at - 8) / 2);
      const samples = new Int16Array(count);
      for (let each = 0; each < count; each += 1)
        samples[each] = view.getInt16(at + 8 + each * 2, true);
      return { rate, samples };
    }
    at += 8 + size + (size % 2);
  }
  throw wrong;
}

/** How long a sound is, in seconds. */
export const secondsOf = ({ rate, samples }: Pcm) => samples.length / rate;

/** A sound of another rate at this one, by the nearest sample. */
function atRate({ rate, samples }: Pcm, wanted: number): Int16Array {
  if (rate === wanted) return samples;
  const count = Math.round((samples.length * wanted) / rate);
  return Int16Array.from(
    { length: count },
    (_, at) => samples[Math.min(samples.length - 1, Math.floor((at * rate) / wanted))] ?? 0,
  );
}

/** Sounds in their order, each with the silence after it in seconds, as the bytes of a WAV. */
export function joinWav(
  sounds: readonly { readonly sound: Pcm; readonly pause: number }[],
): Uint8Array {
  const rate = sounds[0]?.sound.rate ?? 22_050;
  const all = sounds.map(({ sound, pause }) => ({
    samples: atRate(sound, rate),
    silence: Math.round(Math.max(0, pause) * rate),
  }));
  const count = all.reduce((sum, { samples, silence }) => sum + samples.length + silence, 0);
  const wav = new Uint8Array(HEAD + count * 2);
  const view = new DataView(wav.buffer);
  const write = (at: number, text: string) =>
    [...text].forEach((sign, index) => view.setUint8(at + index, sign.charCodeAt(0)));
  write(0, 'RIFF');
  view.setUint32(4, wav.length - 8, true);
  write(8, 'WAVEfmt ');
  view.setUint32(16, 16, true);
  view.setUint16(20, 1, true);
  view.setUint16(22, 1, true);
  view.setUint32(24, rate, true);
  view.setUint32(28, rate * 2, true);
  view.setUint16(32, 2, true);
  view.setUint16(34, 16, true);
  write(36, 'data');
  view.setUint32(40, count * 2, true);
  let at = HEAD;
  for (const { samples, silence } of all) {
    for (const sample of samples) {
      view.setInt16(at, sample, true);
      at += 2;
    }
    at += silence * 2;
  }
  return wav;
}
