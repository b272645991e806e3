/** What is asked of the boards of a lesson; a new one is opened once it is kept. */
import { redirect } from 'react-router';
import { perform, type Asked } from '~/storage/perform';
import { answer, type ActionAnswer } from './action-answer';

export async function keepBoard(lesson: string, body: unknown): Promise<ActionAnswer | Response> {
  const { open, ...asked } = body as Asked & { readonly open?: unknown };
  const done = await answer(() => perform('lessons', lesson, asked as Asked));
  return done.ok && typeof open === 'string' ? redirect(`/lessons/${lesson}/pieces/${open}`) : done;
}
