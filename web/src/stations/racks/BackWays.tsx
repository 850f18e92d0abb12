import { showText, type Bundle } from '@idle-satchel/core';
import type { BackWay, BackWays as Found } from '@idle-satchel/core/searches';
import { useReading } from '../../store/hooks.js';
import { useAsked } from '../../workers/use-asked.js';
import { WaysAsked, type Taking } from './WaysAsked.js';

const readBy = ({ plan, venue, rules, kinds }: Bundle) => [plan, venue, rules, kinds];
const WORDS = { panel: 'Panels', open: 'Open back' } as const;

/** Panels at the back of a rack, or an open back, tried and set side by side. */
export default function BackWays({ rack }: { rack: string }) {
  const asked = useAsked('back', { rack }, readBy);
  return (
    <WaysAsked title="At the back" words="Panels or an open back?" asked={asked}>
      {(answer, taking) => <Ways of={answer} {...taking} />}
    </WaysAsked>
  );
}

function Ways({ of: { leads, without, ways }, offered, onTake }: { of: Found } & Taking) {
  const reading = useReading();
  const shown = (value: number | null, unit: 'min' | 'K'): string =>
    value === null ? 'not known' : showText(value, unit, reading);
  const rows: readonly (readonly [label: string, cell: (way: BackWay) => string])[] = [
    ['Units at the rear', ({ units }) => `${units} U`],
    ['To plug in on site', ({ minutes }) => shown(minutes, 'min')],
    ['Warmer where the air leaves by', ({ rise }) => shown(rise, 'K')],
    ['Cooler than the warmest may be', ({ margin }) => shown(margin, 'K')],
    ['Panels cost', ({ price }) => (price === null ? 'not known' : String(price))],
  ];
  return (
    <div className="overflow-x-auto">
      <p className="text-faint text-[13px] py-1">
        {leads} leads leave it
        {without > 0 && `; for ${without} of them no kind of panel has a socket`}. Two minutes for each lead,
        half a minute more to find its socket among others: a house rule.
      </p>
      <table className="text-[13px]">
        <thead>
          <tr>
            <th scope="col">
              <span className="sr-only">What counts</span>
            </th>
            {ways.map(({ id }) => (
              <th key={id} scope="col" className="!text-right">
                {WORDS[id]}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(([label, cell]) => (
            <tr key={label}>
              <td>{label}</td>
              {ways.map(way => (
                <td key={way.id} className="text-right">
                  {cell(way)}
                </td>
              ))}
            </tr>
          ))}
          <tr>
            <td />
            {ways.map(({ id, lacks }) => (
              <td key={id} className="text-right">
                {lacks !== undefined ? (
                  <span className="text-risk">{lacks}</span>
                ) : offered.has(id) ? (
                  <button className="button" onClick={() => onTake(id)}>
                    Use this
                  </button>
                ) : (
                  <span className="text-faint">as it is now</span>
                )}
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
}
