import { useId, useRef, useState, type FormEvent } from 'react';
import { Button } from 'react-bootstrap';
import type { ClassProfile } from '~core/classes/class-profile';
import { deviceNames, type DeviceKind, type FoundDevice } from '~core/texts/devices/device';
import { findMethod } from '~core/texts/marks/methods';
import { lineNumberAt, quotationChart } from '~core/texts/reading/quotation-chart';
import type { Annotation } from '~core/texts/marks/annotation';
import type { ReadingText } from '~core/texts/reading-text';
import type { Span } from '~core/languages/shared/segment';
import { toTei, toWebAnnotations } from '~core/records/exchange/write-marks';
import { familyOf } from '~core/sheets/reading/reading-face';
import { saveText } from '~/ui/save-text';
import { engine } from '~/workers/engine.client';
import { MarkCard, NewMark } from './MarkEditor';
import { type Layer } from './ShownText';
import { TextSheet } from './TextSheet';
import type { Send } from './send';
import { textParts } from './text-parts';
import { useAsked } from './use-engine';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

/** Which method a device that was found would be marked as. */
const methodOf: Partial<Record<DeviceKind, string>> = {
  alliteration: 'alliteration',
  assonance: 'assonance',
  repetition: 'repetition',
  anaphora: 'anaphora',
  simile: 'simile',
  shift: 'volta',
  dialogue: 'dialogue',
};

/** What the machine found and the teacher may keep. */
function Offers({
  text,
  profile,
  send,
  onShow,
}: {
  text: ReadingText;
  profile: ClassProfile;
  send: Send;
  onShow: (device: FoundDevice) => void;
}) {
  const asked = useAsked(
    () => engine().devices({ body: text.body, kind: text.kind }, profile),
    [text.body, text.kind, profile],
  );
  if (asked.state === 'working') return <p role="status">{t('texts.lookingForDevices')}</p>;
  if (asked.state === 'failed') return <p className="message">{asked.message}</p>;
  const kept = (device: FoundDevice) =>
    text.annotations.some(
      (mark) =>
        mark.about === methodOf[device.kind] &&
        mark.start <= device.start &&
        mark.end >= Math.min(device.end, device.parts[0]?.end ?? device.end),
    );
  const open = asked.value.devices.filter(
    (device) => methodOf[device.kind] !== undefined && !kept(device),
  );
  const kinds = [...new Set(open.map(({ kind }) => kind))];
  if (open.length === 0) return <p className="quiet small">{t('texts.nothingMoreWasFoundMark')}</p>;
  return kinds.map((kind) => {
    const found = open.filter((device) => device.kind === kind);
    return (
      <details key={kind} className="panel-fold">
        <summary>
          {coreName(deviceNames[kind])} · {found.length}
        </summary>
        {found.slice(0, 30).map((device) => {
          const place =
            device.kind === 'anaphora' || device.kind === 'repetition'
              ? (device.parts[0] ?? device)
              : device;
          return (
            <div key={`${device.start} ${device.end}`} className="offer">
              <button
                type="button"
                className="btn btn-link btn-sm p-0 text-start"
                onClick={() => onShow(device)}
              >
                {device.note}
              </button>
              <Button
                size="sm"
                variant="outline-dark"
                aria-label={t('texts.keepAs', {
                  deviceNames: coreName(deviceNames[kind]).toLowerCase(),
                  note: device.note,
                })}
                onClick={() =>
                  send({
                    intent: 'mark',
                    mark: {
                      start: place.start,
                      end: place.end,
                      kind: 'method',
                      about: methodOf[kind] ?? '',
                    },
                    name: coreName(deviceNames[kind]).toLowerCase(),
                  })
                }
              >
                {t('texts.keep')}
              </Button>
            </div>
          );
        })}
      </details>
    );
  });
}

/** Stretches can be marked without a mouse: their words are typed. */
function FindStretch({ body, onFound }: { body: string; onFound: (span: Span) => void }) {
  const id = useId();
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState('');
  const onSubmit = (event: FormEvent) => {
    event.preventDefault();
    const words = typed.trim();
    const pattern = words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/\s+/g, '\\s+');
    const match = words === '' ? null : new RegExp(pattern, 'iu').exec(body);
    if (!match) {
      setProblem(words === '' ? t('texts.typeSomeWordsOfThe') : t('texts.theseWordsDoNotStand'));
      return;
    }
    setProblem('');
    setTyped('');
    onFound({ start: match.index, end: match.index + match[0].length });
  };
  return (
    <form onSubmit={onSubmit} className="mb-2">
      <label htmlFor={id} className="small">
        {t('texts.selectWordsInTheText')}
      </label>
      <div className="d-flex gap-2">
        <input
          id={id}
          className="form-control form-control-sm"
          value={typed}
          onChange={(event) => setTyped(event.currentTarget.value)}
        />
        <Button type="submit" size="sm" variant="outline-dark">
          {t('texts.markThem')}
        </Button>
      </div>
      {problem && (
        <p className="message small mt-1 mb-0" role="alert">
          {problem}
        </p>
      )}
    </form>
  );
}

/** The quotation chart as it grows. */
function Chart({ text, onOpen }: { text: ReadingText; onOpen: (id: string) => void }) {
  const rows = quotationChart(text);
  if (rows.length === 0) return null;
  return (
    <div className="table-responsive quotation-chart">
      <table className="table table-sm">
        <caption>{t('texts.quotationChartRows', { rows: rows.length })}</caption>
        <thead>
          <tr>
            <th scope="col">{t('texts.quotation')}</th>
            <th scope="col">{t('texts.line3')}</th>
            <th scope="col">{t('texts.method')}</th>
            <th scope="col">{t('texts.effect')}</th>
            <th scope="col">{t('texts.why')}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(({ mark, quotation, where, method, effect, why }) => (
            <tr key={mark.id}>
              <th scope="row" className="learner-text">
                <button
                  type="button"
                  className="btn btn-link p-0 text-start"
                  onClick={() => onOpen(mark.id)}
                >
                  “{quotation}”
                </button>
              </th>
              <td>{where}</td>
              <td>{method}</td>
              <td>{effect || <span className="quiet">{t('texts.toBeWritten')}</span>}</td>
              <td>{why || <span className="quiet">{t('texts.toBeWritten')}</span>}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

export interface MarksViewProps {
  readonly text: ReadingText;
  readonly profile: ClassProfile;
  readonly send: Send;
}

/** Methods, themes, notes and questions on the text; the chart grows below it. */
export function MarksView({ text, profile, send }: MarksViewProps) {
  const parts = textParts(text.body);
  const [at, setAt] = useState(0);
  const [lit, setLit] = useState<string>();
  const [chosen, setChosen] = useState<Span>();
  const [shown, setShown] = useState<FoundDevice>();
  const file = useRef<HTMLInputElement>(null);
  const openMark = (id: string) => {
    setChosen(undefined);
    setLit(id);
    const mark = text.annotations.find((each) => each.id === id);
    const there = parts.findIndex(
      ({ start, end }) => mark !== undefined && mark.start >= start && mark.start < end,
    );
    if (there >= 0) setAt(there);
  };
  const name = (mark: Annotation) =>
    mark.kind === 'method'
      ? (findMethod(mark.about ?? '', text.methods)?.name ?? mark.about ?? '')
      : `${mark.kind} ${mark.about ?? mark.text ?? ''}`;
  const layers: Layer[] = [
    ...text.annotations.map((mark): Layer => ({
      start: mark.start,
      end: mark.end,
      id: mark.id,
      className: `text-mark text-mark--${familyOf(mark, { methods: text.methods ?? [] })}`,
      says: name(mark),
      onPick: () => openMark(mark.id),
    })),
    ...(chosen
      ? [{ ...chosen, id: 'chosen', className: 'text-mark--chosen', says: 'chosen' }]
      : []),
    ...(shown
      ? (shown.parts.length > 0 ? shown.parts : [shown]).map((place): Layer => ({
          start: place.start,
          end: place.end,
          id: 'shown',
          className: 'text-mark--shown',
          says: shown.note,
        }))
      : []),
  ];
  const ordered = [...text.annotations].sort((left, right) => left.start - right.start);
  const where = (mark: Annotation) => String(lineNumberAt(text.body, mark.start));
  const onFile = async (chosenFile: File | undefined) => {
    if (chosenFile) send({ intent: 'read-marks', json: await chosenFile.text() });
    if (file.current) file.current.value = '';
  };
  const base = text.title.replace(/[^\p{L}\p{N} -]+/gu, '').trim() || 'text';
  return (
    <>
      <TextSheet
        text={text}
        parts={parts}
        at={at}
        onTurn={setAt}
        layers={layers}
        lit={lit}
        onSelect={(span) => {
          setLit(undefined);
          setChosen(span);
        }}
      >
        <Chart text={text} onOpen={openMark} />
      </TextSheet>
      <aside className="check-panel" aria-label={t('texts.marks')}>
        <h2>{t('texts.marks2', { annotations: text.annotations.length })}</h2>
        {chosen ? (
          <NewMark
            key={`${chosen.start} ${chosen.end}`}
            text={text}
            span={chosen}
            send={send}
            onDone={() => setChosen(undefined)}
          />
        ) : (
          <FindStretch body={text.body} onFound={setChosen} />
        )}
        {ordered.length === 0 && !chosen && (
          <p className="quiet">{t('texts.nothingIsMarkedYetSelect')}</p>
        )}
        {ordered.map((mark) => (
          <MarkCard
            key={mark.id}
            text={text}
            mark={mark}
            where={where(mark)}
            lit={lit === mark.id}
            send={send}
            onOpen={() => (lit === mark.id ? setLit(undefined) : openMark(mark.id))}
          />
        ))}
        <h3>{t('texts.foundInTheText')}</h3>
        <Offers text={text} profile={profile} send={send} onShow={setShown} />
        <h3>{t('texts.takeTheMarksWithYou')}</h3>
        <div className="d-flex flex-wrap gap-2">
          <Button
            size="sm"
            variant="outline-dark"
            onClick={() =>
              saveText(
                t('texts.marksJsonld', { base }),
                toWebAnnotations(text),
                'application/ld+json',
              )
            }
          >
            Web Annotation
          </Button>
          <Button
            size="sm"
            variant="outline-dark"
            onClick={() => saveText(`${base}.xml`, toTei(text), 'application/tei+xml')}
          >
            TEI
          </Button>
        </div>
        <label className="d-block small mt-2">
          {t('texts.readWebAnnotationMarksIn')}
          <input
            ref={file}
            className="form-control form-control-sm"
            type="file"
            accept=".json,.jsonld,application/ld+json"
            onChange={(event) => void onFile(event.currentTarget.files?.[0])}
          />
        </label>
      </aside>
    </>
  );
}
