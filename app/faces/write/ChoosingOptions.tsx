import type { Choosing } from '~core/practice/scan';

const ways = {
  hand: 'by touch, mouse or keys',
  rest: 'by resting on a word',
  one: 'with one switch: the light moves by itself',
  two: 'with two switches: move, and take',
} as const;

const paces = [600, 1000, 1600, 2500, 4000] as const;
const filters = [0, 300, 600, 1000] as const;

const seconds = (milliseconds: number) => `${milliseconds / 1000} seconds`;

/** How somebody chooses on this device; kept here, whatever exercise it is. */
export function ChoosingOptions({
  choosing,
  set,
}: {
  choosing: Choosing;
  set: (changed: Partial<Choosing>) => void;
}) {
  const { by, pace, repeats, tone, filter } = choosing;
  const bySwitch = by === 'one' || by === 'two';
  return (
    <div className="choose-options">
      <label>
        I choose
        <select
          value={by}
          onChange={(event) => set({ by: event.currentTarget.value as Choosing['by'] })}
        >
          {Object.entries(ways).map(([value, name]) => (
            <option key={value} value={value}>
              {name}
            </option>
          ))}
        </select>
      </label>
      {(by === 'one' || by === 'rest') && (
        <label>
          {by === 'one' ? 'The light stays' : 'I rest for'}
          <select
            value={pace}
            onChange={(event) => set({ pace: Number(event.currentTarget.value) })}
          >
            {paces.map((each) => (
              <option key={each} value={each}>
                {seconds(each)}
              </option>
            ))}
          </select>
        </label>
      )}
      {bySwitch && (
        <>
          <label>
            It goes through
            <select
              value={repeats}
              onChange={(event) => set({ repeats: Number(event.currentTarget.value) })}
            >
              {[1, 2, 3, 5].map((each) => (
                <option key={each} value={each}>
                  {each === 1 ? 'once' : `${each} times`}
                </option>
              ))}
            </select>
          </label>
          <label>
            <input
              type="checkbox"
              checked={tone}
              onChange={(event) => set({ tone: event.currentTarget.checked })}
            />{' '}
            A tone as it moves
          </label>
        </>
      )}
      {by === 'hand' && (
        <label>
          A second touch counts after
          <select
            value={filter}
            onChange={(event) => set({ filter: Number(event.currentTarget.value) })}
          >
            {filters.map((each) => (
              <option key={each} value={each}>
                {each === 0 ? 'no time' : seconds(each)}
              </option>
            ))}
          </select>
        </label>
      )}
    </div>
  );
}
