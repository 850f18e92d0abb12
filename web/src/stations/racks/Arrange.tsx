import { showText, type Bundle, type Reading, type Unit } from '@idle-satchel/core';
import type { RackStands, RackWays } from '@idle-satchel/core/searches';
import { useReading } from '../../store/hooks.js';
import { useAsked } from '../../workers/use-asked.js';
import { WayDrawn } from './WayDrawn.js';
import { WaysAsked, type Taking } from './WaysAsked.js';

const readBy = ({ plan, venue, rules, kinds }: Bundle) => [plan, venue, rules, kinds];

/** A first answer is looked for so long for each way, s. */
const AT_ONCE = 0.1;

/** Three ways to arrange a rack, side by side, each to be taken as it is. */
export default function Arrange({ rack }: { rack: string }) {
  const asked = useAsked('arrange', { rack }, readBy, { rack, seconds: AT_ONCE });
  return (
    <WaysAsked title="Arrange" words="Look for better orders" asked={asked}>
      {(answer, taking) => (
        <>
          <Ways of={answer} {...taking} />
          {answer.unweighed.length > 0 && (
            <p className="text-faint text-[13px]">
              Not weighed, and counted as nothing: {answer.unweighed.join(', ')}.
            </p>
          )}
        </>
      )}
    </WaysAsked>
  );
}

const ROWS: readonly { key: keyof RackStands; label: string; unit: Unit }[] = [
  { key: 'centre', label: 'Centre above its foot', unit: 'm' },
  { key: 'tip', label: 'Falls at', unit: '°' },
  { key: 'margin', label: 'Cooler than the warmest may be', unit: 'K' },
  { key: 'leads', label: 'Leads in it', unit: 'm' },
];

function Ways({ of, offered, onTake }: { of: RackWays } & Taking) {
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
