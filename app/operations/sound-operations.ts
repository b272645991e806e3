/** What can be done to a recording of the teacher's own. */
import { inOrder, readVttCues, withCue, type SoundCue } from '~core/listening/sound-cues';
import type { SoundRecord } from '~core/records/sound-record';
import { Fields, Id, Text } from './fields';
import { ChangeError, newId, operation, type Operations } from './operation';
import { t } from '~/phrases/t';

class AddCue {
  @Fields() cue!: SoundCue;
  /** What was done, for the history: “Set a cue at 0:28”. */
  @Text(300) did!: string;
}
class ChangeCue {
  @Id() cue!: string;
  @Fields() fields!: Partial<Pick<SoundCue, 'at' | 'label'>>;
  @Text(300) did!: string;
}
class RemoveCue {
  @Id() cue!: string;
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
  'add-cue': op({
    input: AddCue,
    label: (_, { did }) => did,
    step: (sound, { cue }) => ({ ...sound, cues: [...withCue(sound.cues, cue)] }),
  }),
  /** One cue alone: what was changed of it or of others a moment before stays. */
  'change-cue': op({
    input: ChangeCue,
    label: (_, { did }) => did,
    step: (sound, { cue, fields }) => ({
      ...sound,
      cues: inOrder(sound.cues.map((each) => (each.id === cue ? { ...each, ...fields } : each))),
    }),
  }),
  'remove-cue': op({
    input: RemoveCue,
    label: (_, { did }) => did,
    step: (sound, { cue }) => ({ ...sound, cues: sound.cues.filter(({ id }) => id !== cue) }),
  }),
  'name-sound': op({
    input: Named,
    label: (_, { name }) => t('change.calledARecording', { name }),
    step: (sound, { name }) => ({ ...sound, name }),
  }),
  /** The cues of a file in place of those before. */
  'read-cues': op({
    input: Vtt,
    label: () => t('change.readInTheCuesOf'),
    step: (sound, { source }) => {
      const cues = readVttCues(source, newId).filter(({ at }) => at <= sound.seconds);
      if (cues.length === 0) {
        throw new ChangeError(t('change.noCueOfThisFile'));
      }
      return { ...sound, cues };
    },
  }),
};
