import { useRef, useState } from 'react';
import { Button } from 'react-bootstrap';
import { BsMic, BsPlayFill, BsStopFill, BsTrash } from 'react-icons/bs';
import {
  cuesToVtt,
  movedAt,
  nextLabel,
  sectionsOf,
  shortClock,
  withCue,
} from '~core/listening/sound-cues';
import type { SoundRecord } from '~core/records/sound-record';
import type { ReadingText } from '~core/texts/reading-text';
import { useRecorder } from '~/faces/speak/use-recorder';
import { newId } from '~/operations/operation';
import { AutoField } from '~/ui/AutoField';
import { blobOf, readSound, SoundProblem } from '~/ui/read-sound';
import { saveText } from '~/ui/save-text';
import { SoundPlayer, type PlayerHandle } from '~/ui/SoundPlayer';

type Send = (body: object) => void;

/** One recording: played, its cues set while it plays, its parts heard alone. */
function OwnSound({ sound, text, send }: { sound: SoundRecord; text: ReadingText; send: Send }) {
  const player = useRef<PlayerHandle>(null);
  const { id, name, cues, seconds } = sound;
  const [at, setAt] = useState(0);
  const [said, setSaid] = useState('');
  const change = (intent: string, fields: object, did: string) => {
    setSaid(did);
    send({ intent, sound: id, ...fields, did });
  };
  const add = () => {
    const now = Math.round((player.current?.now() ?? 0) * 100) / 100;
    const cue = { id: newId(), at: now, label: nextLabel(text.body, cues) };
    if (withCue(cues, cue) === cues) setSaid(`There is a cue at ${shortClock(now)} already.`);
    else change('add-cue', { cue }, `Set a cue at ${shortClock(now)}`);
  };
  const readVtt = async (file: File | undefined) => {
    if (file) send({ intent: 'read-cues', sound: id, source: await file.text() });
  };
  return (
    <article className="card-paper own-sound" aria-label={name}>
      <div className="d-flex flex-wrap gap-2 align-items-center">
        <h3 className="h6 mb-0 me-auto">
          {name} <span className="quiet">· {shortClock(seconds)}</span>
        </h3>
        <Button size="sm" variant="outline-dark" onClick={add}>
          Set a cue at {shortClock(at)}
        </Button>
        <label className="btn btn-sm btn-outline-dark mb-0">
          Cues from WebVTT …
          <input
            className="visually-hidden"
            type="file"
            accept=".vtt,text/vtt"
            onChange={(event) => {
              void readVtt(event.currentTarget.files?.[0]);
              event.currentTarget.value = '';
            }}
          />
        </label>
        <Button
          size="sm"
          variant="outline-dark"
          disabled={cues.length === 0}
          onClick={() => saveText(`${name}.vtt`, cuesToVtt(cues, seconds), 'text/vtt')}
        >
          Cues as WebVTT
        </Button>
        <button
          type="button"
          className="icon-button"
          aria-label={`Remove the recording ${name}`}
          onClick={() => send({ intent: 'remove-sound', sound: id, name })}
        >
          <BsTrash aria-hidden="true" />
        </button>
      </div>
      <SoundPlayer sound={sound} handle={player} onTime={setAt} />
      <p role="status" className="quiet small mb-1">
        {said || (cues.length === 0 ? 'Play it, and set a cue where each part begins.' : '')}
      </p>
      <ol className="sound-cues">
        {sectionsOf(cues, seconds).map((cue) => (
          <li key={cue.id} aria-current={at >= cue.at && at < cue.to ? 'step' : undefined}>
            <Button
              size="sm"
              variant="outline-dark"
              aria-label={`Play from ${shortClock(cue.at)}`}
              onClick={() => player.current?.playFrom(cue.at, cue.to)}
            >
              <BsPlayFill aria-hidden="true" /> {shortClock(cue.at)}
            </Button>
            <AutoField
              className="sound-cues__label"
              label={`Said from ${shortClock(cue.at)}`}
              value={cue.label}
              payload={(label) => ({
                intent: 'change-cue',
                sound: id,
                cue: cue.id,
                fields: { label },
                did: `Named the cue at ${shortClock(cue.at)}`,
              })}
            />
            {([-0.5, 0.5] as const).map((by) => (
              <button
                key={by}
                type="button"
                className="icon-button"
                aria-label={`The cue at ${shortClock(cue.at)} half a second ${by < 0 ? 'earlier' : 'later'}`}
                onClick={() =>
                  change(
                    'change-cue',
                    { cue: cue.id, fields: { at: movedAt(cue.at, by, seconds) } },
                    `Moved a cue ${by < 0 ? 'half a second earlier' : 'half a second later'}`,
                  )
                }
              >
                {by < 0 ? '−½' : '+½'}
              </button>
            ))}
            <button
              type="button"
              className="icon-button"
              aria-label={`Remove the cue at ${shortClock(cue.at)}`}
              onClick={() =>
                change('remove-cue', { cue: cue.id }, `Removed the cue at ${shortClock(cue.at)}`)
              }
            >
              <BsTrash aria-hidden="true" />
            </button>
          </li>
        ))}
      </ol>
    </article>
  );
}

/** Recordings of the text that the teacher has made or brought: sound or film, with cues. */
export function OwnSounds({
  text,
  sounds,
  send,
}: {
  text: ReadingText;
  sounds: readonly SoundRecord[];
  send: Send;
}) {
  const [state, setState] = useState('');
  const add = async (file: Blob, name: string) => {
    setState('It is being read …');
    try {
      const { silent, ...read } = await readSound(file);
      send({ intent: 'add-sound', sound: { name, ...read } });
      setState(
        silent
          ? 'Nothing can be heard in this recording. It is kept; take it away if it is the wrong one.'
          : '',
      );
    } catch (error) {
      setState(
        error instanceof SoundProblem ? error.message : 'The file could not be read. Try again.',
      );
    }
  };
  const recorder = useRecorder((_, { sound }) => {
    void add(blobOf(sound), `Recording ${sounds.length + 1}`);
  });
  return (
    <section className="own-sounds no-print" aria-labelledby="own-sounds">
      <h2 className="h5" id="own-sounds">
        Recordings of your own
      </h2>
      <div className="d-flex flex-wrap gap-2 align-items-center mb-2">
        <label className="btn btn-outline-dark mb-0">
          Sound or film from a file …
          <input
            className="visually-hidden"
            type="file"
            accept="audio/*,video/*"
            onChange={(event) => {
              const file = event.currentTarget.files?.[0];
              if (file) void add(file, file.name.replace(/\.[^.]+$/, '').slice(0, 200));
              event.currentTarget.value = '';
            }}
          />
        </label>
        <Button
          variant="outline-dark"
          onClick={() => (recorder.item ? recorder.stop() : recorder.start('text'))}
        >
          {recorder.item ? <BsStopFill aria-hidden="true" /> : <BsMic aria-hidden="true" />}{' '}
          {recorder.item ? 'Stop' : 'Record'}
        </Button>
        <span role="status">
          {recorder.refused
            ? 'The microphone is not there, or may not be used. Allow it in the browser, or bring a file.'
            : state}
        </span>
      </div>
      {sounds.map((sound) => (
        <OwnSound key={sound.id} sound={sound} text={text} send={send} />
      ))}
    </section>
  );
}
