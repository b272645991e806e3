import { data } from 'react-router';
import type { Route } from './+types/sequence';
import { sequenceOf } from '~core/classes/class-sequence';
import { readSequenceCsv, SequenceFileError } from '~core/exchange/sequence-csv';
import {
  addStep,
  changeStep,
  moveStep,
  readTeaches,
  removeStep,
  splitStep,
} from '~core/sounds/edit-sequence';
import { SequenceWorkspace } from '~/workspaces/classes/SequenceWorkspace';
import { engine } from '~/workers/engine.client';
import { database } from '~/storage/database';
import { newId } from '~/storage/repository';
import { changeClass, editSequence, setSequence } from '~/storage/operations';
import { answer, type ActionAnswer } from './action-answer';

export const meta: Route.MetaFunction = () => [{ title: 'Sequence · Wordane' }];

export async function clientLoader({ params }: Route.ClientLoaderArgs) {
  const profile = await database.classes.get(params.classId);
  if (!profile) throw data('This class is not here. It may have been removed.', { status: 404 });
  return { profile, sequence: sequenceOf(profile), facts: await engine().sequenceFacts(profile) };
}

export type SequenceIntent =
  | { intent: 'step'; step: number }
  | { intent: 'add'; after: number }
  | { intent: 'remove'; number: number; title: string }
  | { intent: 'move'; number: number; to: number }
  | { intent: 'split'; number: number }
  | { intent: 'title'; number: number; title: string }
  | { intent: 'teaches'; number: number; text: string }
  | { intent: 'sight'; number: number; text: string }
  | { intent: 'name'; name: string }
  | { intent: 'import'; text: string; name: string }
  | { intent: 'default' };

const words = (text: string) => text.split(/[\s,;]+/).filter((word) => word !== '');

function change(id: string, body: SequenceIntent): Promise<void> {
  switch (body.intent) {
    case 'step':
      return changeClass(id, { step: body.step });
    case 'add':
      return editSequence(id, 'Added a step', (sequence) => addStep(sequence, body.after));
    case 'remove':
      return editSequence(id, `Removed the step ${body.title}`, (sequence) =>
        removeStep(sequence, body.number),
      );
    case 'move':
      return editSequence(id, 'Moved a step', (sequence) =>
        moveStep(sequence, body.number, body.to),
      );
    case 'split':
      return editSequence(id, 'Split a step', (sequence) => splitStep(sequence, body.number));
    case 'title':
      return editSequence(id, `Renamed step ${body.number}`, (sequence) =>
        changeStep(sequence, body.number, { title: body.title }),
      );
    case 'sight':
      return editSequence(id, `Changed the words by sight of step ${body.number}`, (sequence) =>
        changeStep(sequence, body.number, { sightWords: words(body.text) }),
      );
    case 'teaches': {
      const read = readTeaches(body.text);
      if (!read.ok) throw new SequenceFileError(read.message);
      return editSequence(id, `Changed the spellings of step ${body.number}`, (sequence) =>
        changeStep(sequence, body.number, { teaches: read.teaches }),
      );
    }
    case 'name':
      return editSequence(id, 'Renamed the sequence', (sequence) => ({
        ...sequence,
        name: body.name,
      }));
    case 'import':
      return setSequence(
        id,
        readSequenceCsv(body.text, newId(), body.name),
        `Read the sequence ${body.name}`,
      );
    case 'default':
      return setSequence(id, null, 'Went back to the default sequence');
  }
}

export async function clientAction({
  request,
  params,
}: Route.ClientActionArgs): Promise<ActionAnswer> {
  const body = (await request.json()) as SequenceIntent;
  try {
    return await answer(() => change(params.classId, body));
  } catch (error) {
    if (error instanceof SequenceFileError) {
      return { ok: false, message: `${error.message} Nothing was changed.` };
    }
    throw error;
  }
}

export default function Sequence({ loaderData }: Route.ComponentProps) {
  return <SequenceWorkspace {...loaderData} />;
}
