import { chargeList } from '@idle-satchel/core';
import { useMemo } from 'react';
import { Heading } from '../../ledger/Ledger.js';
import { useEvent, useResult } from '../../store/hooks.js';

/** What is put on which charger after the event, and when all is full. */
export default function ChargeAfter() {
  const bundle = useEvent(state => state.bundle);
  const [power, signal] = [useResult('power'), useResult('signal')];
  const list = useMemo(() => chargeList(bundle, { power, signal }), [bundle, power, signal]);
  const { lines, minutes, watts, outlets } = list;
  if (lines.length === 0) return null;
  return (
    <section aria-label="Charged afterwards" className="pb-1">
      <Heading>Charged afterwards</Heading>
      <ul>
        {lines.map(({ battery, place, taken, minutes: takes, charger, from, to }) => (
          <li key={`${battery} ${place}`} className="border-b border-rule py-1">
            <p className="flex justify-between gap-2">
              <span>
                <b>{battery}</b>{' '}
                <span className="text-faint">
                  {taken === undefined ? 'taken: unknown' : `${Math.round(taken)} % taken`}
                </span>
              </span>
              <span className="value">
                {takes === undefined ? 'unknown' : Math.ceil(takes)}{' '}
                <span className="text-faint font-normal">min</span>
              </span>
            </p>
            <p className="text-faint text-[13px]">
              {charger === undefined
                ? 'Nothing on the shelf charges it.'
                : [
                    `on ${charger}`,
                    to === undefined
                      ? 'its kind does not say how long it takes from empty'
                      : `put on after ${Math.ceil(from ?? 0)} min, full after ${Math.ceil(to)} min`,
                  ].join(', ')}
            </p>
          </li>
        ))}
      </ul>
      <p className="text-faint text-[13px]">
        {outlets > 0 &&
          [
            minutes === undefined
              ? 'When all are full is unknown'
              : `All are full after ${Math.ceil(minutes)} min`,
            `${outlets} ${outlets === 1 ? 'outlet' : 'outlets'}`,
            `${watts === undefined ? 'unknown' : Math.round(watts)} W on its circuit. `,
          ].join(', ')}
        Never unattended, nor below 0 °C or above 45 °C.
      </p>
    </section>
  );
}
