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
import { t } from '~/phrases/t';

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
    if (withCue(cues, cue) === cues)
      setSaid(t('texts.thereIsACueAt', { shortClock: shortClock(now) }));
    else change('add-cue', { cue }, t('texts.setACueAt', { shortClock: shortClock(now) }));
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
          {t('texts.setACueAt', { shortClock: shortClock(at) })}
        </Button>
        <label className="btn btn-sm btn-outline-dark mb-0">
          {t('texts.cuesFromWebvtt')}
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
          {t('texts.cuesAsWebvtt')}
        </Button>
        <button
          type="button"
          className="icon-button"
          aria-label={t('texts.removeTheRecording', { name })}
          onClick={() => send({ intent: 'remove-sound', sound: id, name })}
        >
          <BsTrash aria-hidden="true" />
        </button>
      </div>
      <SoundPlayer sound={sound} handle={player} onTime={setAt} />
      <p role="status" className="quiet small mb-1">
        {said || (cues.length === 0 ? t('texts.playItAndSetA') : '')}
      </p>
      <ol className="sound-cues">
        {sectionsOf(cues, seconds).map((cue) => (
          <li key={cue.id} aria-current={at >= cue.at && at < cue.to ? 'step' : undefined}>
            <Button
              size="sm"
              variant="outline-dark"
              aria-label={t('texts.playFrom', { shortClock: shortClock(cue.at) })}
              onClick={() => player.current?.playFrom(cue.at, cue.to)}
            >
              <BsPlayFill aria-hidden="true" /> {shortClock(cue.at)}
            </Button>
            <AutoField
              className="sound-cues__label"
              label={t('texts.saidFrom', { shortClock: shortClock(cue.at) })}
              value={cue.label}
              payload={(label) => ({
                intent: 'change-cue',
                sound: id,
                cue: cue.id,
                fields: { label },
                did: t('texts.namedTheCueAt', { shortClock: shortClock(cue.at) }),
              })}
            />
            {([-0.5, 0.5] as const).map((by) => (
              <button
                key={by}
                type="button"
                className="icon-button"
                aria-label={t('texts.theCueAtHalfA', {
                  shortClock: shortClock(cue.at),
                  which: by < 0 ? t('texts.earlier') : t('texts.later'),
                })}
                onClick={() =>
                  change(
                    'change-cue',
                    { cue: cue.id, fields: { at: movedAt(cue.at, by, seconds) } },
                    t('texts.movedACue', {
                      which: by < 0 ? t('texts.halfASecondEarlier') : t('texts.halfASecondLater'),
                    }),
                  )
                }
              >
                {by < 0 ? '−½' : '+½'}
              </button>
            ))}
            <button
              type="button"
              className="icon-button"
              aria-label={t('texts.removeTheCueAt', { shortClock: shortClock(cue.at) })}
              onClick={() =>
                change(
                  'remove-cue',
                  { cue: cue.id },
                  t('texts.removedTheCueAt', { shortClock: shortClock(cue.at) }),
                )
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
    setState(t('texts.itIsBeingRead'));
    try {
      const { silent, ...read } = await readSound(file);
      send({ intent: 'add-sound', sound: { name, ...read } });
      setState(silent ? t('texts.nothingCanBeHeardIn') : '');
    } catch (error) {
      setState(error instanceof SoundProblem ? error.message : t('texts.theFileCouldNotBe'));
    }
  };
  const recorder = useRecorder((_, { sound }) => {
    void add(blobOf(sound), t('texts.recording', { sounds: sounds.length + 1 }));
  });
  return (
    <section className="own-sounds no-print" aria-labelledby="own-sounds">
      <h2 className="h5" id="own-sounds">
        {t('texts.recordingsOfYourOwn')}
      </h2>
      <div className="d-flex flex-wrap gap-2 align-items-center mb-2">
        <label className="btn btn-outline-dark mb-0">
          {t('texts.soundOrFilmFromA')}
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
          {recorder.item ? t('texts.stop') : t('texts.record')}
        </Button>
        <span role="status">{recorder.refused ? t('texts.theMicrophoneIsNotThere') : state}</span>
      </div>
      {sounds.map((sound) => (
        <OwnSound key={sound.id} sound={sound} text={text} send={send} />
      ))}
    </section>
  );
}
