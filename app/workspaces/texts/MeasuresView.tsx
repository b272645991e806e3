import { useEffect, useState } from 'react';
import * as Comlink from 'comlink';
import {
  Bar,
  BarChart,
  CartesianGrid,
  Line,
  LineChart,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import type { ClassProfile } from '~core/classes/class-profile';
import { usGradeOf } from '~core/kernel/level';
import { scaleOf } from '~core/classes/class-level';
import type { TextAnalysis } from '~core/texts/analysis/analyse-text';
import {
  daleChallGrade,
  formulaIds,
  formulas,
  type FormulaId,
} from '~core/texts/analysis/readability';
import type { Band } from '~core/texts/analysis/profile';
import { longSentence } from '~core/texts/fit/text-reach';
import type { ReadingText } from '~core/texts/reading-text';
import { engine } from '~/workers/engine.client';
import { t } from '~/phrases/t';
import { locale } from '~/phrases/interface-language';

const percent = (share: number) => `${(share * 100).toFixed(share < 0.1 ? 1 : 0)} %`;
const number = (value: number, digits = 1) =>
  Number.isFinite(value) ? value.toFixed(digits) : '–';
const count = (value: number) => value.toLocaleString(locale);

type State =
  { readonly share: number } | { readonly value: TextAnalysis } | { readonly message: string };

/** Measures a text in the worker, with how far it is. */
function useAnalysis(text: ReadingText | undefined, profile: ClassProfile): State | undefined {
  const [state, setState] = useState<State>();
  useEffect(() => {
    if (!text) {
      setState(undefined);
      return undefined;
    }
    let current = true;
    setState({ share: 0 });
    const onProgress = Comlink.proxy(
      (share: number) => current && setState((was) => (was && 'value' in was ? was : { share })),
    );
    void engine()
      .analyseText(
        { body: text.body, kind: text.kind, language: text.language },
        profile,
        onProgress,
      )
      .then((value) => current && setState({ value }))
      .catch(
        (error: unknown) =>
          current &&
          setState({
            message: error instanceof Error ? error.message : t('texts.thisTextCouldNotBe'),
          }),
      );
    return () => {
      current = false;
    };
  }, [text, profile]);
  return state;
}

function valueText(id: FormulaId, value: number): string {
  if (!Number.isFinite(value)) return '–';
  if (id === 'daleChall') return `${number(value)} (${daleChallGrade(value)})`;
  return formulas[id].scale === 'grade'
    ? t('texts.grade', { number: number(Math.max(0, value)) })
    : number(value, 0);
}

function FormulaTable({
  analysis,
  other,
}: {
  analysis: TextAnalysis;
  other: TextAnalysis | undefined;
}) {
  return (
    <table className="table table-sm formulas">
      <caption>{t('texts.eightFormulasEachSeesSomething')}</caption>
      <thead>
        <tr>
          <th scope="col">{t('texts.formula')}</th>
          <th scope="col">{t('texts.thisText')}</th>
          {other && <th scope="col">{t('texts.theOther')}</th>}
          <th scope="col">{t('texts.itLooksAt')}</th>
          <th scope="col">{t('texts.itIsGoodFor')}</th>
        </tr>
      </thead>
      <tbody>
        {formulaIds.map((id) => {
          const { name, source, inputs, goodFor } = formulas[id];
          return (
            <tr key={id}>
              <th scope="row">
                {name} <span className="quiet small d-block">{source}</span>
              </th>
              <td className="text-nowrap">
                <strong>{valueText(id, analysis.readability[id])}</strong>
              </td>
              {other && <td className="text-nowrap">{valueText(id, other.readability[id])}</td>}
              <td className="small">{inputs}</td>
              <td className="small">{goodFor}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

function Bands({ name, bands }: { name: string; bands: readonly Band[] }) {
  return (
    <div className="bands">
      <h3>{name}</h3>
      {bands.map((band) => (
        <details key={band.name}>
          <summary>
            <span className="bands__name">{band.name}</span>
            <span className="bands__bar" aria-hidden="true">
              <span style={{ width: `${Math.min(100, band.share * 100)}%` }} />
            </span>
            <span className="bands__share">{percent(band.share)}</span>
          </summary>
          <p className="learner-text mb-1">
            {band.examples.length > 0 ? band.examples.join(', ') : t('texts.none')}
          </p>
        </details>
      ))}
    </div>
  );
}

/** How many sentences have so many words. */
function lengthsOf(lengths: readonly number[]): { words: string; sentences: number }[] {
  const size = 5;
  const last = Math.min(12, Math.floor(Math.max(0, ...lengths) / size));
  return Array.from({ length: last + 1 }, (_, index) => ({
    words: `${index * size + 1}–${(index + 1) * size}`,
    sentences: lengths.filter(
      (length) => Math.min(12, Math.floor(Math.max(0, length - 1) / size)) === index,
    ).length,
  }));
}

function Counts({
  analysis,
  other,
  name,
  otherName,
}: {
  analysis: TextAnalysis;
  other: TextAnalysis | undefined;
  name: string;
  otherName: string;
}) {
  const rows = [
    [t('texts.words'), ({ counts }: TextAnalysis) => count(counts.words)],
    [t('texts.sentences'), ({ counts }: TextAnalysis) => count(counts.sentences)],
    [t('texts.syllables'), ({ counts }: TextAnalysis) => count(counts.syllables)],
    [t('texts.letters'), ({ counts }: TextAnalysis) => count(counts.letters)],
    [
      t('texts.wordsASentence'),
      ({ counts }: TextAnalysis) => number(counts.words / Math.max(1, counts.sentences)),
    ],
    [
      t('texts.longestSentence'),
      ({ sentenceLengths }: TextAnalysis) => count(Math.max(0, ...sentenceLengths)),
    ],
    [
      t('texts.differentWords'),
      ({ profile }: TextAnalysis) =>
        t('texts.typeToken', {
          number: count(profile.types),
          numberA: number(profile.typeToken, 2),
        }),
    ],
    [t('texts.hardWordsAboveB1'), ({ profile }: TextAnalysis) => percent(profile.hardShare)],
    [
      t('texts.decodableAtTheClasssStep'),
      ({ decodable }: TextAnalysis) =>
        decodable
          ? t('texts.atStep', { percent: percent(decodable.share), step: decodable.step })
          : t('texts.notAskedTheClassReads'),
    ],
  ] as const;
  return (
    <table className="table table-sm counts">
      <caption>{t('texts.counts')}</caption>
      {other && (
        <thead>
          <tr>
            <th scope="col">
              <span className="visually-hidden">{t('texts.measure')}</span>
            </th>
            <th scope="col">{name}</th>
            <th scope="col">{otherName}</th>
          </tr>
        </thead>
      )}
      <tbody>
        {rows.map(([label, read]) => (
          <tr key={label}>
            <th scope="row">{label}</th>
            <td>{read(analysis)}</td>
            {other && <td>{read(other)}</td>}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

function Run({ analysis, profile }: { analysis: TextAnalysis; profile: ClassProfile }) {
  const grade = scaleOf(profile.level).middle - 1;
  const points = analysis.run.map(({ at, grade: value, hardShare }) => ({
    at: at + 1,
    grade: Math.round(Math.max(0, value) * 10) / 10,
    hard: Math.round(hardShare * 100),
  }));
  if (points.length < 2) return <p className="quiet">{t('texts.theTextIsTooShort')}</p>;
  return (
    <figure>
      <figcaption>
        {t('texts.howItRunsFleschKincaid', { name: profile.name, usGradeOf: usGradeOf(grade + 1) })}
      </figcaption>
      <div
        role="img"
        aria-label={t('texts.gradeAlongTheText', {
          points: points.map((point) => point.grade).join(', '),
        })}
      >
        <ResponsiveContainer width="100%" height={190}>
          <LineChart data={points} margin={{ top: 8, right: 14, bottom: 4, left: -18 }}>
            <CartesianGrid stroke="#d9d6cc" vertical={false} />
            <XAxis dataKey="at" tick={{ fill: '#51616d', fontSize: 12 }} />
            <YAxis tick={{ fill: '#51616d', fontSize: 12 }} allowDecimals={false} />
            <Tooltip
              formatter={(value) => [t('texts.grade2', { value: String(value) }), '']}
              labelFormatter={(label) => t('texts.fromWord', { label: String(label) })}
            />
            <ReferenceLine y={Math.max(0, grade)} stroke="#b7860b" strokeDasharray="5 4" />
            <Line
              type="monotone"
              dataKey="grade"
              stroke="#a83a1e"
              strokeWidth={2.5}
              dot={points.length < 30}
              isAnimationActive={false}
            />
          </LineChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}

function Lengths({ analysis, profile }: { analysis: TextAnalysis; profile: ClassProfile }) {
  const data = lengthsOf(analysis.sentenceLengths);
  const { stretch } = longSentence(profile);
  return (
    <figure>
      <figcaption>
        {t('texts.sentenceLengthsFromWordsA', { stretch, name: profile.name })}
      </figcaption>
      <div
        role="img"
        aria-label={data
          .map(({ words, sentences }) => t('texts.wordsSentences', { words, sentences }))
          .join(', ')}
      >
        <ResponsiveContainer width="100%" height={170}>
          <BarChart data={data} margin={{ top: 8, right: 14, bottom: 4, left: -18 }}>
            <CartesianGrid stroke="#d9d6cc" vertical={false} />
            <XAxis dataKey="words" tick={{ fill: '#51616d', fontSize: 12 }} />
            <YAxis tick={{ fill: '#51616d', fontSize: 12 }} allowDecimals={false} />
            <Tooltip />
            <Bar dataKey="sentences" fill="#51616d" isAnimationActive={false} />
          </BarChart>
        </ResponsiveContainer>
      </div>
    </figure>
  );
}

function Sections({ analysis }: { analysis: TextAnalysis }) {
  const { sections } = analysis;
  if (sections.length < 2) return null;
  return (
    <table className="table table-sm">
      <caption>{t('texts.sectionBySection')}</caption>
      <thead>
        <tr>
          <th scope="col">{t('texts.section')}</th>
          <th scope="col">{t('texts.words')}</th>
          <th scope="col">{t('texts.wordsASentence')}</th>
          <th scope="col">{t('texts.fleschKincaid')}</th>
          <th scope="col">{t('texts.daleChall')}</th>
        </tr>
      </thead>
      <tbody>
        {sections.slice(0, 60).map(({ title, start, counts, readability, sure }) => (
          <tr key={start}>
            <th scope="row">{title || t('texts.beginning')}</th>
            <td>{count(counts.words)}</td>
            <td>{number(counts.words / Math.max(1, counts.sentences))}</td>
            <td>
              {sure ? '' : t('texts.about2')}
              {number(readability.fleschKincaid)}
            </td>
            <td>{number(readability.daleChall)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

export interface MeasuresViewProps {
  readonly text: ReadingText;
  readonly profile: ClassProfile;
  readonly others: readonly ReadingText[];
}

/** Everything that is measured, beside the class and another text. */
export function MeasuresView({ text, profile, others }: MeasuresViewProps) {
  const [against, setAgainst] = useState('');
  const original = text.original !== text.body && text.original.trim() !== '';
  const [originalText] = useState(() => ({ ...text, body: text.original }));
  const otherText = against === 'original' ? originalText : others.find(({ id }) => id === against);
  const state = useAnalysis(text, profile);
  const otherState = useAnalysis(otherText, profile);
  if (state === undefined) return null;
  if ('message' in state) return <p className="message">{state.message}</p>;
  if ('share' in state) {
    return (
      <div className="text-measures" role="status">
        <p>{t('texts.measuringTheText')}</p>
        <progress value={state.share} max={1} aria-label={t('texts.measuredSoFar')} />
      </div>
    );
  }
  const analysis = state.value;
  const other = otherState && 'value' in otherState ? otherState.value : undefined;
  return (
    <div className="text-measures">
      {analysis.notes.map((note) => (
        <p key={note} className="message message--note">
          {note}
        </p>
      ))}
      {(others.length > 0 || original) && (
        <label className="d-block mb-3" style={{ maxWidth: 420 }}>
          {t('texts.compareWith')}
          <select
            className="form-select"
            value={against}
            onChange={(event) => setAgainst(event.currentTarget.value)}
          >
            <option value="">{t('texts.nothing')}</option>
            {original && <option value="original">{t('texts.theOriginalOfThisText')}</option>}
            {others.map(({ id, title }) => (
              <option key={id} value={id}>
                {title}
              </option>
            ))}
          </select>
        </label>
      )}
      <div className="text-measures__grid">
        <section className="card-paper">
          <Counts
            analysis={analysis}
            other={other}
            name={against === 'original' ? t('texts.fitted') : text.title}
            otherName={against === 'original' ? t('texts.original') : (otherText?.title ?? '')}
          />
        </section>
        <section className="card-paper">
          <Bands name={t('texts.byFrequency')} bands={analysis.profile.frequency} />
          <Bands name={t('texts.byLevelAnEstimate')} bands={analysis.profile.levels} />
        </section>
        <section className="card-paper text-measures__wide">
          <FormulaTable analysis={analysis} other={other} />
        </section>
        <section className="card-paper">
          <Run analysis={analysis} profile={profile} />
        </section>
        <section className="card-paper">
          <Lengths analysis={analysis} profile={profile} />
        </section>
        <section className="card-paper text-measures__wide">
          <Sections analysis={analysis} />
          {analysis.decodable && analysis.decodable.others.length > 0 && (
            <>
              <h3>{t('texts.notDecodableYetAtStep', { step: analysis.decodable.step })}</h3>
              <p className="learner-text">{analysis.decodable.others.join(', ')}</p>
            </>
          )}
          {analysis.profile.names.length > 0 && (
            <p className="mb-1">
              <strong>{t('texts.names')}</strong>{' '}
              {analysis.profile.names
                .slice(0, 40)
                .map((name) => name.charAt(0).toUpperCase() + name.slice(1))
                .join(', ')}
            </p>
          )}
          {analysis.profile.unknown.length > 0 && (
            <p className="mb-0">
              <strong>{t('texts.inNoWordBank')}</strong>{' '}
              {analysis.profile.unknown.slice(0, 60).join(', ')}
            </p>
          )}
        </section>
      </div>
    </div>
  );
}
