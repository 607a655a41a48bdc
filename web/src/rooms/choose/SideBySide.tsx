import type { Suggestion } from '../../api/client';
import { useUnits } from '../../units/UnitContext';
import { times } from '../../units/units';
import { withError } from '../../shared/chance';
import { chanceOf, money, padsOf, restOf, signedIn, toBuy } from './words';

const hours = (lasts: number | null | undefined) => (lasts == null ? '–' : `${lasts.toFixed(1)} h`);
const percent = (share: number) => `${Math.round(share * 100)} %`;

interface Row {
  label: string;
  of: (setup: Suggestion) => string;
}

/** Up to four setups beside what is fitted; only what differs stands out. */
export function SideBySide({ fitted, setups, onUnpin }: { fitted: Suggestion; setups: Suggestion[]; onUnpin: (key: string) => void }) {
  const { show, band, told, system } = useUnits();
  const metresOf = (setup: Suggestion, place: number) => {
    const stop = setup.coldStops[place];
    return stop ? band(stop.metres, 'm', 1) : '–';
  };
  const all = [fitted, ...setups];
  const chance = (setup: Suggestion, code: string) => {
    const found = setup.limits.find((limit) => limit.limit.code === code);
    if (!found) return '–';
    const when = found.limit.when;
    // A chance says more than "holds" in the middle of the band would.
    return found.limit.gives && when
      ? `${when.session > 1 ? `session ${when.session}, ` : ''}lap ${Math.max(1, when.lap)} (${chanceOf(found)})`
      : chanceOf(found);
  };
  const cost = (setup: Suggestion, what: string) => setup.cost.lines.find((line) => line.code === what);
  // Every limit that is worth telling in at least one of them, in the order of its harm.
  const worth = fitted.limits.filter((one) =>
    all.some((setup) => setup.limits.find((item) => item.limit.code === one.limit.code)?.worthTelling),
  );
  const rows: Row[] = [
    { label: 'Everything else', of: restOf },
    { label: 'Danger on a day like this', of: (setup) => withError(setup.danger) },
    { label: 'Damage', of: (setup) => withError(setup.damage) },
    ...worth.map((one) => ({ label: told(one.limit.title), of: (setup: Suggestion) => chance(setup, one.limit.code) })),
    { label: `First stop, ${show(5, 'C')}, ${show(50, 'km/h')}`, of: (setup) => metresOf(setup, 0) },
    { label: `First stop, ${show(5, 'C')}, ${show(100, 'km/h')}`, of: (setup) => metresOf(setup, 1) },
    {
      label: `Panic stop, cold, ${show(100, 'km/h')}`,
      of: (setup) => `${metresOf(setup, 2)}${setup.coldStops[2]?.reachesAbs ? ', into ABS' : ''}`,
    },
    {
      label: 'Fluid margin, first to last event',
      of: (setup) => `${show(setup.season[0]?.marginK ?? 0, 'K')} to ${show(setup.season[setup.season.length - 1]?.marginK ?? 0, 'K')}`,
    },
    { label: 'Front set lasts', of: (setup) => hours(cost(setup, 'front-pads')?.lastsHours) },
    { label: 'A track hour', of: (setup) => money(setup.cost.perHour) },
    { label: 'An event', of: (setup) => money(setup.cost.perEvent) },
    { label: 'A season', of: (setup) => money(setup.cost.perSeason) },
    { label: 'To buy', of: (setup) => toBuy(setup) },
    { label: 'Work', of: (setup) => `${setup.effortHours.toFixed(1)} h` },
    { label: 'Bite, front and rear', of: (setup) => `${setup.bite.front ?? 'unknown'}, ${setup.bite.rear ?? 'unknown'} of 10` },
    { label: 'Dust and noise', of: (setup) => `${setup.street.dustAndNoise.toFixed(1)} of 10` },
    { label: 'Front share of the braking', of: (setup) => `${Math.round(setup.frontShare * 100)} %` },
    {
      label: 'Friction, mean and spread',
      of: (setup) => `${setup.energyInBand.meanMu.toFixed(2)} ± ${setup.energyInBand.muSpread.toFixed(2)}`,
    },
    { label: 'Braking inside the pad’s band', of: (setup) => percent(setup.energyInBand.inside) },
    { label: 'Strain at the ring’s worst spot', of: (setup) => `×${times(setup.crackIndex)}` },
    {
      label: 'Unsprung mass, both fronts',
      of: (setup) => (Math.abs(setup.unsprungKg) < 0.05 ? 'as now' : signedIn(setup.unsprungKg, 'kg', system)),
    },
  ];
  const differs = rows.filter((row) => new Set(all.map(row.of)).size > 1);
  const same = rows.filter((row) => !differs.includes(row));
  return (
    <section aria-label="Side by side" className="side-by-side">
      <header className="section-head">
        <h2>Side by side</h2>
        <span className="section-note">only what differs; percentages are chances on a likely day</span>
      </header>
      <table className="stacks">
        <thead>
          <tr>
            <td />
            <th scope="col">as it stands</th>
            {setups.map((setup) => (
              <th key={setup.key} scope="col">
                {padsOf(setup)}{' '}
                <button
                  type="button"
                  className="btn btn-link no-print"
                  onClick={() => onUnpin(setup.key)}
                  aria-label={`Unpin ${padsOf(setup)}`}
                >
                  unpin
                </button>
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {differs.map((row) => (
            <tr key={row.label}>
              <th scope="row">{row.label}</th>
              {all.map((setup, i) => (
                <td
                  key={i}
                  data-label={i === 0 ? 'as it stands' : padsOf(setup)}
                  className={i > 0 && row.of(setup) !== row.of(fitted) ? 'differs' : ''}
                >
                  {row.of(setup)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {same.length > 0 && (
        <p className="note">{`The same in all: ${same.map((row) => `${`${row.label[0]!.toLowerCase()}${row.label.slice(1)}`} ${row.of(fitted)}`).join('; ')}.`}</p>
      )}
    </section>
  );
}
