/** A sound or film file of the teacher's own, as it is kept: whole, with its length; silence is told. */
import { isSilent } from '~core/listening/sound-cues';
import { SOUND_SIZE } from '~core/records/sound-record';
import { t } from '~/phrases/t';

/** Why a file cannot be taken, in words. */
export class SoundProblem extends Error {
  override readonly name = 'SoundProblem';
}

export interface ReadSound {
  readonly data: string;
  readonly seconds: number;
  /** Nothing can be heard in it. */
  readonly silent: boolean;
}

const NO_SOUND = t('frame.thisFileIsNeitherSound');

/** A data URL as a file. */
export function blobOf(address: string): Blob {
  const [head = '', body = ''] = address.split(';base64,');
  const bytes = Uint8Array.from(atob(body), (sign) => sign.charCodeAt(0));
  return new Blob([bytes], { type: head.replace(/^data:/, '') });
}

const asData = (file: Blob) =>
  new Promise<string>((done, failed) => {
    const reader = new FileReader();
    reader.onload = () => done(String(reader.result));
    reader.onerror = () => failed(new SoundProblem(t('frame.theFileCouldNotBe')));
    reader.readAsDataURL(file);
  });

/** How long it plays; a recording of the browser's own says so only once it was read to its end. */
function lengthOf(address: string, film: boolean): Promise<number> {
  return new Promise((done, failed) => {
    const player = document.createElement(film ? 'video' : 'audio');
    player.preload = 'metadata';
    player.onerror = () => failed(new SoundProblem(NO_SOUND));
    player.onloadedmetadata = () => {
      if (Number.isFinite(player.duration)) return done(player.duration);
      player.ondurationchange = () => {
        if (Number.isFinite(player.duration)) done(player.duration);
      };
      player.currentTime = 1e7;
      return undefined;
    };
    player.src = address;
  });
}

async function hasNoSound(file: Blob): Promise<boolean> {
  try {
    const context = new OfflineAudioContext(1, 1, 22_050);
    const decoded = await context.decodeAudioData(await file.arrayBuffer());
    return Array.from({ length: decoded.numberOfChannels }, (_, at) => at).every((at) =>
      isSilent(decoded.getChannelData(at)),
    );
  } catch {
    // A film whose track cannot be taken apart may still be heard.
    return false;
  }
}

/** @throws SoundProblem where it cannot be played or kept */
export async function readSound(file: Blob): Promise<ReadSound> {
  const film = file.type.startsWith('video/');
  if (!film && !file.type.startsWith('audio/')) throw new SoundProblem(NO_SOUND);
  if (file.size * 1.34 > SOUND_SIZE) {
    throw new SoundProblem(
      t('frame.thisFileHasMbMb', {
        file: Math.round(file.size / 1e6),
        SOUNDSIZE: Math.round(SOUND_SIZE / 1.34e6),
      }),
    );
  }
  const address = URL.createObjectURL(file);
  try {
    const seconds = await lengthOf(address, film);
    const [data, silent] = await Promise.all([asData(file), hasNoSound(file)]);
    return { data, seconds: Math.round(seconds * 100) / 100, silent };
  } finally {
    URL.revokeObjectURL(address);
  }
}
