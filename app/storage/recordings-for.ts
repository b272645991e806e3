/** The recordings of the texts that exercises ask about, each once, with the exercises that do. */
import type { TakeHomeRecording } from '~core/practice/take-home';
import type { LessonPart } from '~core/records/lesson';
import { soundsOf } from './sounds';

export async function recordingsFor(parts: readonly LessonPart[]): Promise<TakeHomeRecording[]> {
  const asked = new Map<string, string[]>();
  for (const { id, parameters } of parts) {
    const { textId } = parameters;
    if (textId === undefined || textId === '') continue;
    asked.set(textId, [...(asked.get(textId) ?? []), id]);
  }
  const found = await Promise.all(
    [...asked].map(async ([textId, exercises]) =>
      (await soundsOf(textId)).map(({ name, data, seconds, cues }) => ({
        name,
        data,
        seconds,
        cues,
        exercises,
      })),
    ),
  );
  return found.flat();
}
