import type { ClassProfile, StructureSetting } from '~core/classes/class-profile';
import { grammarReach } from '~core/reach/structure-reach';
import { reaches, type Reach } from '~core/kernel/reach';
import { cefrOf } from '~core/kernel/level';

const names: Readonly<Record<Reach, string>> = {
  secure: 'taught',
  stretch: 'just ahead',
  beyond: 'later',
};

/** Which structures the class has been taught; what is not set by hand follows its level. */
export function GrammarTable({
  profile,
  change,
}: {
  profile: ClassProfile;
  change: (fields: { grammar: StructureSetting[] }) => void;
}) {
  const set = (structure: string, reach: string) => {
    const others = (profile.grammar ?? []).filter((each) => each.structure !== structure);
    change({
      grammar: reach === '' ? others : [...others, { structure, reach: reach as Reach }],
    });
  };
  const rows = grammarReach(profile);
  return (
    <section className="card-paper my-3">
      <h2 className="h5">Grammar taught</h2>
      <p className="quiet mb-2">
        In the order in which courses usually teach it. A structure that is not taught is marked in
        texts and exercises, as a word is.
      </p>
      <details>
        <summary>
          {rows.filter(({ reach }) => reach === 'secure').length} of {rows.length} structures taught
          {rows.some(({ own }) => own) ? ', some set by you' : ', by the level of the class'}
        </summary>
        <table className="table table-sm mt-2 mb-0 grammar-table">
          <thead>
            <tr>
              <th scope="col">Structure</th>
              <th scope="col">Usually taught at</th>
              <th scope="col">This class</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ structure, reach, own }) => (
              <tr key={structure.name}>
                <th scope="row">{structure.name}</th>
                <td>{cefrOf(structure.level)}</td>
                <td>
                  <select
                    className="form-select form-select-sm"
                    aria-label={`${structure.name} for ${profile.name}`}
                    value={own ? reach : ''}
                    onChange={(event) => set(structure.name, event.currentTarget.value)}
                  >
                    <option value="">by level{own ? '' : `: ${names[reach]}`}</option>
                    {reaches.map((each) => (
                      <option key={each} value={each}>
                        {names[each]}
                      </option>
                    ))}
                  </select>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </details>
    </section>
  );
}
