/** Recordings of texts come and go whole; their cues are changed as any record is. */
import type { SoundRecord } from '~core/records/sound-record';
import { newId } from '~/operations/operation';
import { change } from './change';
import { database } from './database';
import { t } from '~/phrases/t';

export type NewSound = Pick<SoundRecord, 'name' | 'seconds' | 'data'>;

/** The recordings of a text. */
export const soundsOf = (textId: string): Promise<SoundRecord[]> =>
  database.sounds.where('textId').equals(textId).toArray();

export const addSound = (textId: string, sound: NewSound): Promise<void> =>
  change(t('storage.broughtInTheRecording', { name: sound.name }), async ({ get, put }) => {
    const { classId } = await get('texts', textId);
    await put('sounds', { ...sound, id: newId(), classId, textId, cues: [] });
  });

export const removeSound = (id: string, name: string): Promise<void> =>
  change(t('storage.removedTheRecording', { name }), ({ remove }) => remove('sounds', id));
