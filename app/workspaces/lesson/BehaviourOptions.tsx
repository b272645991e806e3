import { useId, type ReactNode } from 'react';
import type { Again, Behaviour, Feedback, HintTime } from '~core/kernel/behaviour';
import { phrasesOf } from '~core/practice/phrases';
import { AutoField } from '~/ui/AutoField';
import type { Send } from './built-part';

const feedbackNames: Readonly<Record<Feedback, string>> = {
  check: 'when the learner checks',
  once: 'as soon as each is given',
  end: 'once, at the end',
  none: 'not on the screen',
};

const hintNames: Readonly<Record<HintTime, string>> = {
  after: 'after a wrong answer',
  first: 'may be asked for first',
  none: 'none',
};

const againNames: Readonly<Record<Again, string>> = {
  same: 'the same items, until right',
  new: 'others of their kind, until right',
  none: 'nothing',
};

const bandNames = ['All right', 'Nearly all', 'Half', 'Less'];

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
        label="Answers are marked"
        names={feedbackNames}
        value={behaviour.feedback}
        onChoose={(feedback) => change({ feedback })}
      />
      {marks && (
        <>
          <Choice
            label="Hints"
            names={hintNames}
            value={behaviour.hints}
            onChoose={(hints) => change({ hints })}
          />
          <Choice
            label="After a wrong answer, practise"
            names={againNames}
            value={behaviour.again}
            onChoose={(again) => change({ again })}
          />
          {behaviour.feedback !== 'end' && (
            <Count
              label="Tries before the answers can be seen"
              least={1}
              most={9}
              value={behaviour.tries}
              onCount={(tries) => change({ tries })}
            />
          )}
          <Count
            label="Pass mark in percent (0: none)"
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
            The answers can be seen
          </Tick>
        )}
        <Tick checked={behaviour.oneByOne} onTick={(oneByOne) => change({ oneByOne })}>
          One item at a time
        </Tick>
        <Tick checked={behaviour.shuffle} onTick={(shuffle) => change({ shuffle })}>
          Another order for each learner
        </Tick>
        <Tick checked={behaviour.clock} onTick={(clock) => change({ clock })}>
          The time is shown
        </Tick>
        <Tick checked={behaviour.sound} onTick={(sound) => change({ sound })}>
          With sound
        </Tick>
      </div>
      {marks && (
        <fieldset className="behaviour__messages">
          <legend>What is said at the end</legend>
          {bandNames.map((name, band) => (
            <div key={name} className="behaviour__row">
              <span>{name}</span>
              <AutoField
                label={`What is said: ${name}`}
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
