import { useId, type ReactNode } from 'react';
import type { Again, Behaviour, Feedback, HintTime } from '~core/kernel/behaviour';
import { phrasesOf } from '~core/practice/phrases';
import { AutoField } from '~/ui/AutoField';
import type { Send } from './built-part';
import { t } from '~/phrases/t';

const feedbackNames: Readonly<Record<Feedback, string>> = {
  check: t('lesson.whenTheLearnerChecks'),
  once: t('lesson.asSoonAsEachIs'),
  end: t('lesson.onceAtTheEnd'),
  none: t('lesson.notOnTheScreen'),
};

const hintNames: Readonly<Record<HintTime, string>> = {
  after: t('lesson.afterAWrongAnswer'),
  first: t('lesson.mayBeAskedForFirst'),
  none: 'none',
};

const againNames: Readonly<Record<Again, string>> = {
  same: t('lesson.theSameItemsUntilRight'),
  new: t('lesson.othersOfTheirKindUntil'),
  none: t('lesson.nothing'),
};

const bandNames = [t('lesson.allRight'), t('lesson.nearlyAll'), t('lesson.half'), t('lesson.less')];

function Choice<Value extends string>({
  label,
  names,
  value,
  onChoose,
}: {
  label: string;
  names: Readonly<Record<Value, string>>;
  value: Value;
  onChoose: (value: Value) => void;
}) {
  const id = useId();
  return (
    <div className="behaviour__row">
      <label htmlFor={id}>{label}</label>
      <select
        id={id}
        className="form-select form-select-sm"
        value={value}
        onChange={(event) => onChoose(event.currentTarget.value as Value)}
      >
        {(Object.entries(names) as [Value, string][]).map(([each, name]) => (
          <option key={each} value={each}>
            {name}
          </option>
        ))}
      </select>
    </div>
  );
}

function Count({
  label,
  least,
  most,
  value,
  onCount,
}: {
  label: string;
  least: number;
  most: number;
  value: number;
  onCount: (value: number) => void;
}) {
  const id = useId();
  return (
    <div className="behaviour__row">
      <label htmlFor={id}>{label}</label>
      <input
        id={id}
        type="number"
        className="form-control form-control-sm"
        min={least}
        max={most}
        value={value}
        onChange={(event) => {
          const given = Math.round(Number(event.currentTarget.value));
          onCount(Math.min(most, Math.max(least, Number.isFinite(given) ? given : least)));
        }}
      />
    </div>
  );
}

function Tick({
  checked,
  onTick,
  children,
}: {
  checked: boolean;
  onTick: (checked: boolean) => void;
  children: ReactNode;
}) {
  return (
    <label className="behaviour__tick">
      <input
        type="checkbox"
        className="form-check-input"
        checked={checked}
        onChange={(event) => onTick(event.currentTarget.checked)}
      />
      {children}
    </label>
  );
}

/** How an exercise behaves on a screen: a choice for each thing, in a sentence. */
export function BehaviourOptions({
  behaviour,
  bodyOf,
  send,
}: {
  behaviour: Behaviour;
  /** The change as an action gets it. */
  bodyOf: (change: Partial<Behaviour>) => object;
  send: Send;
}) {
  const change = (some: Partial<Behaviour>) => send(bodyOf(some));
  const marks = behaviour.feedback !== 'none';
  return (
    <div className="behaviour">
      <Choice
        label={t('lesson.answersAreMarked')}
        names={feedbackNames}
        value={behaviour.feedback}
        onChoose={(feedback) => change({ feedback })}
      />
      {marks && (
        <>
          <Choice
            label={t('lesson.hints')}
            names={hintNames}
            value={behaviour.hints}
            onChoose={(hints) => change({ hints })}
          />
          <Choice
            label={t('lesson.afterAWrongAnswerPractise')}
            names={againNames}
            value={behaviour.again}
            onChoose={(again) => change({ again })}
          />
          {behaviour.feedback !== 'end' && (
            <Count
              label={t('lesson.triesBeforeTheAnswersCan')}
              least={1}
              most={9}
              value={behaviour.tries}
              onCount={(tries) => change({ tries })}
            />
          )}
          <Count
            label={t('lesson.passMarkInPercent0')}
            least={0}
            most={100}
            value={behaviour.pass}
            onCount={(pass) => change({ pass })}
          />
        </>
      )}
      <div className="behaviour__ticks">
        {marks && (
          <Tick checked={behaviour.answers} onTick={(answers) => change({ answers })}>
            {t('lesson.theAnswersCanBeSeen')}
          </Tick>
        )}
        <Tick checked={behaviour.oneByOne} onTick={(oneByOne) => change({ oneByOne })}>
          {t('lesson.oneItemAtATime')}
        </Tick>
        <Tick checked={behaviour.shuffle} onTick={(shuffle) => change({ shuffle })}>
          {t('lesson.anotherOrderForEachLearner')}
        </Tick>
        <Tick checked={behaviour.clock} onTick={(clock) => change({ clock })}>
          {t('lesson.theTimeIsShown')}
        </Tick>
        <Tick checked={behaviour.sound} onTick={(sound) => change({ sound })}>
          {t('lesson.withSound')}
        </Tick>
      </div>
      {marks && (
        <fieldset className="behaviour__messages">
          <legend>{t('lesson.whatIsSaidAtThe')}</legend>
          {bandNames.map((name, band) => (
            <div key={name} className="behaviour__row">
              <span>{name}</span>
              <AutoField
                label={t('lesson.whatIsSaid', { name })}
                className="form-control form-control-sm"
                value={behaviour.messages[band] ?? ''}
                placeholder={phrasesOf('en').bands[band] ?? ''}
                payload={(value) =>
                  bodyOf({
                    messages: bandNames.map((_, at) =>
                      at === band ? value : (behaviour.messages[at] ?? ''),
                    ),
                  })
                }
              />
            </div>
          ))}
        </fieldset>
      )}
    </div>
  );
}
