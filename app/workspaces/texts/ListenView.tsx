import { useMemo, useState } from 'react';
import { Button } from 'react-bootstrap';
import { BsDownload, BsPlayFill, BsStopFill } from 'react-icons/bs';
import { saveAs } from 'file-saver';
import type { ClassProfile } from '~core/classes/class-profile';
import { packOf } from '~core/languages/registry/registry';
import { listeningScript, type ScriptRequest } from '~core/listening/listening-script';
import { toSsml } from '~core/listening/ssml';
import { clock, cuesOf, toVtt } from '~core/listening/vtt';
import type { ReadingText } from '~core/texts/reading-text';
import { saveText } from '~/ui/save-text';
import { useListening } from './use-listening';
import { t } from '~/phrases/t';

const paces: readonly (readonly [number, string])[] = [
  [1, t('texts.asUsual')],
  [0.85, t('texts.slower')],
  [0.7, t('texts.slow')],
];
const pauses = [0, 1, 2, 3, 5, 10];
const pieces: readonly (readonly [NonNullable<ScriptRequest['by']>, string])[] = [
  ['sentence', t('texts.sentences')],
  ['line', t('texts.lines')],
  ['paragraph', t('texts.paragraphs')],
];

function Choice<Value extends string | number>({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: Value;
  options: readonly (readonly [Value, string])[];
  onChange: (value: Value) => void;
}) {
  return (
    <label className="listen-choice">
      {label}
      <select
        aria-label={label}
        className="form-select form-select-sm"
        value={value}
        onChange={(event) => {
          const chosen = options.find(([each]) => String(each) === event.currentTarget.value);
          if (chosen) onChange(chosen[0]);
        }}
      >
        {options.map(([each, name]) => (
          <option key={each} value={each}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}

/** The text as it is heard: in parts, so often, so slowly, with silence to write in; saved as sound and as scripts. */
export function ListenView({ text, profile }: { text: ReadingText; profile: ClassProfile }) {
  const [asked, setAsked] = useState({
    by: 'sentence' as NonNullable<ScriptRequest['by']>,
    times: 1,
    pause: 1,
    pace: 1,
    numbered: false,
  });
  const [shown, setShown] = useState(true);
  const [state, setState] = useState('');
  const { title, body, language } = text;
  const script = useMemo(
    () => listeningScript({ ...asked, text: body, title, language }),
    [asked, body, title, language],
  );
  const { accent } = profile;
  const listening = useListening(script, accent);
  const heard = packOf(language).voice !== undefined;
  const set = (change: Partial<typeof asked>) => {
    listening.stop();
    setAsked({ ...asked, ...change });
  };
  const length = cuesOf(script).at(-1)?.end ?? 0;
  const save = async () => {
    setState(t('texts.theVoiceIsReading'));
    try {
      const { bytes, cues } = await listening.wav();
      saveAs(new Blob([bytes as BlobPart], { type: 'audio/wav' }), `${title}.wav`);
      saveText(`${title}.vtt`, toVtt(script, cues), 'text/vtt');
      const pace = t('texts.sign', { count: script.pace });
      setState(t('texts.theSoundIsSavedAnd', { pace }));
    } catch (error) {
      setState(error instanceof Error ? error.message : t('texts.theSoundCouldNotBe'));
    }
  };
  return (
    <div className="listen">
      <div className="listen-head no-print">
        <Button
          onClick={() => (listening.at === undefined ? listening.play() : listening.stop())}
          disabled={!heard || script.parts.length === 0}
        >
          {listening.at === undefined ? (
            <BsPlayFill aria-hidden="true" />
          ) : (
            <BsStopFill aria-hidden="true" />
          )}{' '}
          {listening.at === undefined ? t('texts.playAll') : t('texts.stop')}
        </Button>
        {script.speakers.length === 0 && (
          <Choice
            label={t('texts.in')}
            value={asked.by}
            options={pieces}
            onChange={(by) => set({ by })}
          />
        )}
        <Choice
          label={t('texts.said')}
          value={asked.times}
          options={[
            [1, 'once'],
            [2, 'twice'],
            [3, t('texts.threeTimes')],
          ]}
          onChange={(times) => set({ times })}
        />
        <Choice
          label={t('texts.silenceAfterEach')}
          value={asked.pause}
          options={pauses.map((each) => [each, `${each} s`] as const)}
          onChange={(pause) => set({ pause })}
        />
        <Choice
          label={t('texts.pace')}
          value={asked.pace}
          options={paces}
          onChange={(pace) => set({ pace })}
        />
        <label className="listen-check">
          <input
            type="checkbox"
            checked={asked.numbered}
            onChange={() => set({ numbered: !asked.numbered })}
          />{' '}
          {t('texts.numbersAreSaid')}
        </label>
        <label className="listen-check">
          <input type="checkbox" checked={shown} onChange={() => setShown(!shown)} />{' '}
          {t('texts.wordsAreShown')}
        </label>
      </div>
      <p className="quiet small">
        {t('texts.part', { count: script.parts.length })}
        {script.speakers.length > 0 && ` · ${script.speakers.join(', ')}`}{' '}
        {t('texts.about', {
          clock: clock(length).slice(3, 8),
          which: heard ? t('texts.wordanesVoiceStandsInFor') : t('texts.thereIsNoVoiceFor'),
        })}
      </p>
      {listening.problem && (
        <p className="message" role="alert">
          {listening.problem}
        </p>
      )}
      <ol className="listen-parts card-paper">
        {script.parts.map((part) => (
          <li key={part.number} aria-current={listening.at === part.number ? 'step' : undefined}>
            <button
              type="button"
              className="btn btn-sm btn-outline-dark"
              disabled={!heard}
              aria-label={t('texts.playPart', { number: part.number })}
              onClick={() => listening.playOne(part)}
            >
              <BsPlayFill aria-hidden="true" />
            </button>
            <span className="learner-text">
              {part.speaker && <strong>{part.speaker}: </strong>}
              {shown ? part.text : t('texts.part2', { number: part.number })}
            </span>
          </li>
        ))}
      </ol>
      <div className="d-flex flex-wrap gap-2 align-items-center no-print">
        <Button
          variant="outline-dark"
          size="sm"
          disabled={!heard || script.parts.length === 0}
          onClick={() => void save()}
        >
          <BsDownload aria-hidden="true" /> {t('texts.soundWav')}
        </Button>
        <Button
          variant="outline-dark"
          size="sm"
          onClick={() => saveText(`${title}.vtt`, toVtt(script), 'text/vtt')}
        >
          <BsDownload aria-hidden="true" /> {t('texts.timesWebvtt')}
        </Button>
        <Button
          variant="outline-dark"
          size="sm"
          onClick={() => saveText(`${title}.ssml`, toSsml(script), 'application/ssml+xml')}
        >
          <BsDownload aria-hidden="true" /> {t('texts.scriptSsml')}
        </Button>
        <span role="status" className="small">
          {state}
        </span>
      </div>
    </div>
  );
}
