/** How a port takes or gives power: as an inlet or outlet, or along a lead of signals. */
import { ALONG, type PortDraft } from '@idle-satchel/core';
import type { UseFormRegister } from 'react-hook-form';
import { optionalNumber, type KindFields } from './kind-fields.js';

interface CellOf {
  readonly index: number;
  readonly port: PortDraft | undefined;
  readonly register: UseFormRegister<KindFields>;
}

const NUMBERS = [
  ['voltsLow', 'Least volts of port', ' – '],
  ['voltsHigh', 'Most volts of port', ' V'],
  ['watts', 'Most watts of port', ' W'],
] as const;

/** Volts from – to, watts, and what its adapter covers. */
export function PowerCell({ index: i, port, register }: CellOf) {
  return (
    <span className="whitespace-nowrap">
      {NUMBERS.map(([name, words, unit]) => (
        <span key={name} className={name === 'watts' ? 'block' : ''}>
          <input
            className="field w-14 text-right"
            type="number"
            step="any"
            min={0}
            aria-label={`${words} ${i + 1}`}
            {...register(`ports.${i}.${name}`, optionalNumber)}
          />
          {unit}
        </span>
      ))}
      {port?.connector === 'mains' && port.direction === 'in' && (
        <label className="block">
          adapter{' '}
          <input
            className="field w-16 text-right"
            type="number"
            step="any"
            min={0}
            max={0.5}
            aria-label={`Width of the adapter of port ${i + 1}, m`}
            {...register(`ports.${i}.adapterWidth`, optionalNumber)}
          />{' '}
          m wide
        </label>
      )}
    </span>
  );
}

const SIDES = [
  ['poweredBy', 'fed by'],
  ['powers', 'feeds'],
] as const;

/** What comes along its lead besides the signal. */
export function AlongCell({ index: i, port, register }: CellOf) {
  const said = [
    ...(port?.poweredBy.length ? [`fed by ${port.poweredBy.join(', ')}`] : []),
    ...(port?.powers.length ? [`feeds ${port.powers.join(', ')}`] : []),
  ];
  return (
    <details>
      <summary aria-label={`Power along port ${i + 1}`}>{said.join('; ') || 'no power'}</summary>
      {SIDES.map(([name, words]) => (
        <fieldset key={name} className="flex gap-x-2 flex-wrap max-w-60">
          <legend className="text-faint">{words}</legend>
          {ALONG.map(along => (
            <label key={along} className="whitespace-nowrap">
              <input type="checkbox" value={along} {...register(`ports.${i}.${name}`)} /> {along}
            </label>
          ))}
        </fieldset>
      ))}
    </details>
  );
}
