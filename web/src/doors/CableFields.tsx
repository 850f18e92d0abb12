import { CABLE_ENDS, CABLE_MAKES, CONNECTORS, MAKE_WORDS } from '@idle-satchel/core';
import type { UseFormRegister } from 'react-hook-form';
import { Options, type KindFields } from './kind-fields.js';

/** A cable: what it is made of, how long, and its two ends. */
export function CableFields({
  register,
  isFaulty,
}: {
  register: UseFormRegister<KindFields>;
  isFaulty: boolean;
}) {
  return (
    <fieldset className="grid gap-2">
      <legend className="text-faint">The cable</legend>
      <p className="flex flex-wrap gap-4 items-baseline">
        <label>
          Make{' '}
          <select className="field" {...register('cable.make')}>
            {CABLE_MAKES.map(make => (
              <option key={make} value={make}>
                {MAKE_WORDS[make]}
              </option>
            ))}
          </select>
        </label>
        <label>
          Long{' '}
          <input
            className="field w-20 text-right"
            type="number"
            step="any"
            min={0.1}
            max={500}
            aria-invalid={isFaulty}
            {...register('cable.length', {
              setValueAs: (text: unknown) => (text === '' || text === undefined ? undefined : Number(text)),
              validate: (length, { family }) =>
                family !== 'cable' || (length !== undefined && length >= 0.1) || 'say how long it is',
            })}
          />{' '}
          m
        </label>
        {isFaulty && <span className="text-stop">say how long it is</span>}
        <label>
          <input type="checkbox" {...register('cable.directed')} /> works from its first end to the other only
        </label>
      </p>
      <p className="flex flex-wrap gap-4 items-baseline">
        <label>
          First end{' '}
          <select className="field" {...register('cable.connector')}>
            <Options of={CONNECTORS} />
          </select>
        </label>
        <select className="field" aria-label="What its first end is" {...register('cable.ends')}>
          <option value="">as usual</option>
          <Options of={CABLE_ENDS} />
        </select>
        <label>
          Other end{' '}
          <select className="field" {...register('cable.farConnector')}>
            <option value="">the same</option>
            <Options of={CONNECTORS} />
          </select>
        </label>
        <select className="field" aria-label="What its other end is" {...register('cable.farEnds')}>
          <option value="">as usual</option>
          <Options of={CABLE_ENDS} />
        </select>
      </p>
    </fieldset>
  );
}
