import { showText, type Bundle, type Reading, type Unit } from '@idle-satchel/core';
import type { RackStands, RackWay, RackWays } from '@idle-satchel/core/searches';
import { Heading } from '../../ledger/Ledger.js';
import { useOpenEvent, useReading } from '../../store/hooks.js';
import { useAsked } from '../../workers/use-asked.js';
import { WayDrawn } from './WayDrawn.js';

const readBy = ({ plan, venue, rules, kinds }: Bundle) => [plan, venue, rules, kinds];

/** A first answer is looked for so long for each way, s. */
const AT_ONCE = 0.1;

/** Three ways to arrange a rack, side by side, each to be taken as it is. */
export default function Arrange({ rack }: { rack: string }) {
  const { store } = useOpenEvent();
  const { found, fresh, busy, problem, look, putAway } = useAsked('arrange', { rack }, readBy, {
    rack,
    seconds: AT_ONCE,
  });
  return (
    <section aria-label="Arrange" className="pt-4">
      <Heading>Arrange</Heading>
      <button className="button" disabled={busy} onClick={look}>
        {busy ? 'Looking …' : 'Look for better orders'}
      </button>{' '}
      {problem && <span className="text-stop">It could not be worked out: {problem}</span>}
      {busy && found && (
        <span className="text-faint">These are a first answer; it looks on for better ones.</span>
      )}
      {found && !fresh && <span className="text-faint">Something has changed since: look again.</span>}
      {found && fresh && (
        <>
          <Ways
            of={found.answer}
            offered={new Set(found.offers.map(({ id }) => id))}
            onTake={id => {
              const offer = found.offers.find(each => each.id === id);
              if (!offer) return;
              store.commit(offer.label, offer.changes);
              putAway();
            }}
          />
          {found.answer.unweighed.length > 0 && (
            <p className="text-faint text-[13px]">
              Not weighed, and counted as nothing: {found.answer.unweighed.join(', ')}.
            </p>
          )}
        </>
      )}
    </section>
  );
}

const ROWS: readonly { key: keyof RackStands; label: string; unit: Unit }[] = [
  { key: 'centre', label: 'Centre above its foot', unit: 'm' },
  { key: 'tip', label: 'Falls at', unit: '°' },
  { key: 'margin', label: 'Cooler than the warmest may be', unit: 'K' },
  { key: 'leads', label: 'Leads in it', unit: 'm' },
];

function Ways({
  of,
  offered,
  onTake,
}: {
  of: RackWays;
  offered: ReadonlySet<string>;
  onTake: (id: RackWay['id']) => void;
}) {
  const reading = useReading();
  if (of.none !== undefined) return <p className="text-risk py-1">{of.none}</p>;
  const { now } = of;
  return (
    <div className="overflow-x-auto">
      {of.leftOut.length > 0 && (
        <p className="text-risk py-1">No room on the rails for {of.leftOut.join(', ')}.</p>
      )}
      <table className="text-[13px]">
        <thead>
          <tr>
            <th scope="col">
              <span className="sr-only">What counts</span>
            </th>
            {now && <th scope="col">Now</th>}
            {of.ways.map(({ id, label }) => (
              <th key={id} scope="col">
                {label}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          <tr>
            <td />
            {now && <td />}
            {of.ways.map(way => (
              <td key={way.id}>
                <WayDrawn units={of.units} places={way.places} />
              </td>
            ))}
          </tr>
          {ROWS.map(({ key, label, unit }) => (
            <tr key={key}>
              <th scope="row" className="text-left font-normal border-b border-rule">
                {label}
              </th>
              {now && <td className="value">{shown(now[key], unit, reading)}</td>}
              {of.ways.map(({ id, stands }) => (
                <td key={id} className="value">
                  {shown(stands[key], unit, reading)}
                </td>
              ))}
            </tr>
          ))}
          <tr>
            <th scope="row" className="text-left font-normal border-b border-rule">
              Gives up
            </th>
            {now && <td />}
            {of.ways.map(way => (
              <td key={way.id} className="align-top max-w-[15rem]">
                {[...way.gives, ...way.makes].join('; ') || 'nothing'}
                {way.cures.length > 0 && <p>Cures: {way.cures.join('; ')}</p>}
                {!way.proven && (
                  <p className="text-faint">
                    The best found in time: at most {Math.ceil(way.gap * 100)} % from the best there is.
                  </p>
                )}
              </td>
            ))}
          </tr>
          <tr>
            <td />
            {now && <td />}
            {of.ways.map(({ id, label }) => (
              <td key={id}>
                {offered.has(id) ? (
                  <button className="button" aria-label={`Take: ${label}`} onClick={() => onTake(id)}>
                    Take it
                  </button>
                ) : (
                  <span className="text-faint">It is so now.</span>
                )}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
}

const shown = (value: number | null, unit: Unit, reading: Reading): string =>
  value === null ? 'unknown' : showText(value, unit, reading);
