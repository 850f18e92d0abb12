import { BUSES, CARRIES, CONNECTORS, LEVELS, PORT_ENDS, type PortDraft } from '@idle-satchel/core';
import type { UseFormRegister } from 'react-hook-form';
import { optionalNumber, Options, type KindFields } from './kind-fields.js';
import { AlongCell, PowerCell } from './PortPower.js';

/** One port of a kind. */
export function PortRow({
  index: i,
  port,
  isSwitcher,
  isFaulty,
  register,
  onUp,
  onRemove,
}: {
  index: number;
  port: PortDraft | undefined;
  /** Its outputs can be set to what the switcher gives. */
  isSwitcher: boolean;
  isFaulty: boolean;
  register: UseFormRegister<KindFields>;
  onUp: () => void;
  onRemove: () => void;
}) {
  return (
    <tr>
      <td>
        <input
          className="field w-28"
          aria-label={`Name of port ${i + 1}`}
          aria-invalid={isFaulty}
          maxLength={40}
          {...register(`ports.${i}.label`, { validate: text => text.trim() !== '' || 'name it' })}
        />
      </td>
      <td>
        <select className="field" aria-label={`Way of port ${i + 1}`} {...register(`ports.${i}.direction`)}>
          <Options of={['in', 'out', 'both']} />
        </select>
      </td>
      <td>
        <select
          className="field"
          aria-label={`Connector of port ${i + 1}`}
          {...register(`ports.${i}.connector`)}
        >
          <Options of={CONNECTORS} />
        </select>
      </td>
      <EndsCell index={i} port={port} register={register} />
      <td>
        <select
          className="field"
          aria-label={`What port ${i + 1} carries`}
          {...register(`ports.${i}.carries`)}
        >
          <Options of={CARRIES} />
        </select>
      </td>
      <td>
        <input type="checkbox" aria-label={`Port ${i + 1} has a scaler`} {...register(`ports.${i}.scaled`)} />
      </td>
      <td>
        <input
          className="field w-20"
          maxLength={20}
          placeholder="socket"
          aria-label={`Socket that port ${i + 1} shares`}
          {...register(`ports.${i}.group`)}
        />
      </td>
      <SettingCell index={i} port={port} isSwitcher={isSwitcher} register={register} />
      <td className="whitespace-nowrap">
        <button
          type="button"
          className="link"
          aria-label={`Move port ${i + 1} up`}
          disabled={i === 0}
          onClick={onUp}
        >
          ↑
        </button>{' '}
        <button type="button" className="link" aria-label={`Take port ${i + 1} out`} onClick={onRemove}>
          ×
        </button>
      </td>
    </tr>
  );
}

/** What it ends in, and how long its own lead is where it has one. */
function EndsCell({
  index: i,
  port,
  register,
}: {
  index: number;
  port: PortDraft | undefined;
  register: UseFormRegister<KindFields>;
}) {
  return (
    <td className="whitespace-nowrap">
      <select className="field" aria-label={`What port ${i + 1} ends in`} {...register(`ports.${i}.ends`)}>
        <option value="">as usual</option>
        <Options of={PORT_ENDS} />
      </select>
      {(port?.ends === 'plug' || port?.connector === 'mains') && (
        <label className="block">
          {port.connector === 'mains' ? 'cord' : 'lead'}{' '}
          <input
            className="field w-14 text-right"
            type="number"
            step="any"
            min={0}
            max={50}
            aria-label={`Length of the lead of port ${i + 1}, m`}
            {...register(`ports.${i}.ownLead`, optionalNumber)}
          />{' '}
          m
        </label>
      )}
    </td>
  );
}

/** The level of a sound port, what an output of a switcher can give, and how it is or feeds something. */
function SettingCell({
  index: i,
  port,
  isSwitcher,
  register,
}: {
  index: number;
  port: PortDraft | undefined;
  isSwitcher: boolean;
  register: UseFormRegister<KindFields>;
}) {
  return (
    <td>
      {port?.carries === 'audio' && (
        <select className="field" aria-label={`Level of port ${i + 1}`} {...register(`ports.${i}.level`)}>
          <option value="">–</option>
          <Options of={LEVELS} />
        </select>
      )}
      {port?.carries === 'power' ? (
        <PowerCell index={i} port={port} register={register} />
      ) : (
        <AlongCell index={i} port={port} register={register} />
      )}
      {isSwitcher && port?.carries === 'video' && port?.direction === 'out' && (
        <details>
          <summary aria-label={`What port ${i + 1} can give`}>
            {(port?.gives ?? []).join(', ') || 'the programme'}
          </summary>
          {BUSES.map(bus => (
            <label key={bus} className="flex gap-2">
              <input type="checkbox" value={bus} {...register(`ports.${i}.gives`)} />
              {bus}
            </label>
          ))}
        </details>
      )}
    </td>
  );
}
