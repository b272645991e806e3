import { useState } from 'react';
import { Button } from 'react-bootstrap';
import { AutoField } from '~/ui/AutoField';
import { markKinds, type Annotation, type MarkKind } from '~core/texts/marks/annotation';
import {
  findMethod,
  methodFamilies,
  methods,
  type Method,
  type MethodFamily,
} from '~core/texts/marks/methods';
import { quote } from '~core/texts/reading/quotation-chart';
import type { ReadingText } from '~core/texts/reading-text';
import type { Span } from '~core/languages/shared/segment';
import type { Send } from './send';
import { t } from '~/phrases/t';
import { coreName } from '~/phrases/core-name';

/** Every method, by family, with the text's own at the end of theirs. */
export function MethodSelect({
  value,
  own,
  onChoose,
}: {
  value: string;
  own: readonly Method[];
  onChoose: (id: string) => void;
}) {
  return (
    <select
      className="form-select form-select-sm"
      aria-label={t('texts.method')}
      value={value}
      onChange={(event) => onChoose(event.currentTarget.value)}
    >
      <option value="">{t('texts.chooseAMethod')}</option>
      {(Object.keys(methodFamilies) as MethodFamily[]).map((family) => (
        <optgroup key={family} label={methodFamilies[family]}>
          {[...methods, ...own]
            .filter((method) => method.family === family)
            .map((method) => (
              <option key={method.id} value={method.id}>
                {method.name}
              </option>
            ))}
        </optgroup>
      ))}
    </select>
  );
}

/** A method of the teacher's own. */
function NewMethod({ send, onMade }: { send: Send; onMade: () => void }) {
  const [name, setName] = useState('');
  const [definition, setDefinition] = useState('');
  const [family, setFamily] = useState<MethodFamily>('image');
  return (
    <div className="check-card">
      <h3 className="mt-0">{t('texts.aMethodOfYourOwn')}</h3>
      <input
        className="form-control form-control-sm mb-1"
        aria-label={t('texts.nameOfTheMethod')}
        placeholder={t('texts.name')}
        maxLength={60}
        value={name}
        onChange={(event) => setName(event.currentTarget.value)}
      />
      <input
        className="form-control form-control-sm mb-1"
        aria-label={t('texts.whatTheMethodIs')}
        placeholder={t('texts.whatItIsInA')}
        maxLength={300}
        value={definition}
        onChange={(event) => setDefinition(event.currentTarget.value)}
      />
      <select
        className="form-select form-select-sm mb-2"
        aria-label={t('texts.family')}
        value={family}
        onChange={(event) => setFamily(event.currentTarget.value as MethodFamily)}
      >
        {(Object.keys(methodFamilies) as MethodFamily[]).map((each) => (
          <option key={each} value={each}>
            {methodFamilies[each]}
          </option>
        ))}
      </select>
      <Button
        size="sm"
        disabled={name.trim() === '' || definition.trim() === ''}
        onClick={() => {
          send({
            intent: 'method',
            method: { name: name.trim(), definition: definition.trim(), family, example: '' },
          });
          onMade();
        }}
      >
        {t('texts.addIt')}
      </Button>
    </div>
  );
}

const saysOf: Readonly<Record<MarkKind, string>> = {
  method: '',
  theme: t('texts.nameOfTheTheme'),
  note: t('texts.yourNote'),
  question: t('texts.theQuestionYouAsk'),
};

/** What a stretch is to be: a method, a theme, a note or a question. */
export function NewMark({
  text,
  span,
  send,
  onDone,
}: {
  text: ReadingText;
  span: Span;
  send: Send;
  onDone: () => void;
}) {
  const [kind, setKind] = useState<MarkKind>('method');
  const [about, setAbout] = useState('');
  const [said, setSaid] = useState('');
  const [adding, setAdding] = useState(false);
  const own = text.methods ?? [];
  const quotation = quote(text.body, span, text.kind === 'poem');
  const method = findMethod(about, own);
  const ready = kind === 'method' ? about !== '' : said.trim() !== '';
  const save = () => {
    const value = said.trim();
    send({
      intent: 'mark',
      mark: {
        ...span,
        kind,
        ...(kind === 'method' ? { about } : {}),
        ...(kind === 'theme' ? { about: value.slice(0, 120) } : {}),
        ...(kind === 'note' || kind === 'question' ? { text: value } : {}),
      },
      name:
        kind === 'method'
          ? (method?.name ?? t('texts.aMethod'))
          : coreName(markKinds[kind]).toLowerCase(),
    });
    onDone();
  };
  return (
    <section className="check-card check-card--lit" aria-label={t('texts.markThisStretch')}>
      <p className="learner-text mb-2">
        “{quotation.length > 140 ? `${quotation.slice(0, 140)} …` : quotation}”
      </p>
      <div className="faces mb-2" role="group" aria-label={t('texts.markItAs')}>
        {(Object.keys(markKinds) as MarkKind[]).map((each) => (
          <button
            key={each}
            type="button"
            aria-pressed={kind === each}
            onClick={() => setKind(each)}
          >
            {coreName(markKinds[each])}
          </button>
        ))}
      </div>
      {kind === 'method' ? (
        <>
          <MethodSelect value={about} own={own} onChoose={setAbout} />
          {method && (
            <p className="small mt-1 mb-1">
              {method.name}: {method.definition}.
              {method.example && (
                <span className="quiet"> {t('texts.forExample', { example: method.example })}</span>
              )}
            </p>
          )}
          <Button size="sm" variant="link" className="p-0" onClick={() => setAdding(!adding)}>
            {adding ? t('texts.notNow') : t('texts.addAMethodOfYour')}
          </Button>
          {adding && <NewMethod send={send} onMade={() => setAdding(false)} />}
        </>
      ) : (
        <textarea
          className="form-control form-control-sm"
          aria-label={saysOf[kind]}
          placeholder={saysOf[kind]}
          rows={2}
          maxLength={kind === 'theme' ? 120 : 2000}
          value={said}
          onChange={(event) => setSaid(event.currentTarget.value)}
        />
      )}
      <div className="d-flex gap-2 mt-2">
        <Button size="sm" disabled={!ready} onClick={save}>
          {t('texts.markIt')}
        </Button>
        <Button size="sm" variant="outline-dark" onClick={onDone}>
          {t('texts.leaveIt')}
        </Button>
      </div>
    </section>
  );
}

/** What a mark says, to be written and changed. */
export function MarkCard({
  text,
  mark,
  where,
  lit,
  send,
  onOpen,
}: {
  text: ReadingText;
  mark: Annotation;
  where: string;
  lit: boolean;
  send: Send;
  onOpen: () => void;
}) {
  const own = text.methods ?? [];
  const name =
    mark.kind === 'method'
      ? (findMethod(mark.about ?? '', own)?.name ?? mark.about ?? '')
      : coreName(markKinds[mark.kind]).toLowerCase();
  const quotation = quote(text.body, mark, text.kind === 'poem');
  const set = (fields: Partial<Annotation>) => send({ intent: 'set-mark', id: mark.id, fields });
  const field = (label: string, key: 'text' | 'effect' | 'why' | 'answer' | 'about') => (
    <div key={key} className="small mb-1">
      <span aria-hidden="true">{label}</span>
      <AutoField
        label={label}
        className="form-control form-control-sm"
        multiline
        value={mark[key] ?? ''}
        payload={(value) => ({ intent: 'set-mark', id: mark.id, fields: { [key]: value } })}
      />
    </div>
  );
  return (
    <article
      className={`check-card${lit ? ' check-card--lit' : ''}`}
      aria-label={t('texts.line', { name, where })}
    >
      <button type="button" className="mark-card__head" aria-expanded={lit} onClick={onOpen}>
        <span className="learner-text">
          “{quotation.length > 90 ? `${quotation.slice(0, 90)} …` : quotation}”
        </span>{' '}
        <strong className="mark-card__name">{name}</strong>{' '}
        <span className="quiet small">{t('texts.line2', { where })}</span>
      </button>
      {!lit && (
        <>
          {mark.text && <p className="small mb-0">{mark.text}</p>}
          {mark.effect && <p className="small mb-0">{mark.effect}</p>}
          {(mark.why ?? mark.answer) && (
            <p className="small quiet mb-0">{mark.why ?? `Model: ${mark.answer}`}</p>
          )}
        </>
      )}
      {lit && (
        <div className="mt-2">
          {mark.kind === 'method' && (
            <>
              <MethodSelect
                value={mark.about ?? ''}
                own={own}
                onChoose={(about) => set({ about })}
              />
              {field(t('texts.effectWhatItMakesThe'), 'effect')}
              {field(t('texts.whyTheWriterMightDo'), 'why')}
            </>
          )}
          {mark.kind === 'theme' && field(t('texts.theme'), 'about')}
          {(mark.kind === 'note' || mark.kind === 'theme') && field(t('texts.note'), 'text')}
          {mark.kind === 'question' && (
            <>
              {field(t('texts.question'), 'text')}
              {field(t('texts.modelAnswer'), 'answer')}
            </>
          )}
          <Button
            size="sm"
            variant="link"
            className="p-0"
            onClick={() => send({ intent: 'remove-mark', id: mark.id })}
          >
            {t('texts.removeThisMark')}
          </Button>
        </div>
      )}
    </article>
  );
}
