/** What can be done to a recording of the teacher's own. */
import { readVttCues, type SoundCue } from '~core/listening/sound-cues';
import type { SoundRecord } from '~core/records/sound-record';
import { Fields, Text } from './fields';
import { ChangeError, newId, operation, type Operations } from './operation';

class Cues {
  @Fields() cues!: { readonly all: readonly SoundCue[] };
  /** What was done, for the history: “Set a cue at 0:28”. */
  @Text(300) did!: string;
}
class Named {
  @Text(200) name!: string;
}
class Vtt {
  @Text(2_000_000) source!: string;
}

const op = operation<SoundRecord>();

export const soundOperations: Operations<SoundRecord> = {
  cues: op({
    input: Cues,
    label: (_, { did }) => did,
    step: (sound, { cues }) => ({ ...sound, cues: [...cues.all] }),
  }),
  'name-sound': op({
    input: Named,
    label: (_, { name }) => `Called a recording ${name}`,
    step: (sound, { name }) => ({ ...sound, name }),
  }),
  /** The cues of a file in place of those before. */
  'read-cues': op({
    input: Vtt,
    label: () => 'Read in the cues of a recording',
    step: (sound, { source }) => {
      const cues = readVttCues(source, newId).filter(({ at }) => at <= sound.seconds);
      if (cues.length === 0) {
        throw new ChangeError(
          'No cue of this file falls within the recording. Check that it is the WebVTT file of this recording. Nothing was changed.',
        );
      }
      return { ...sound, cues };
    },
  }),
};
