import type { Thing } from '@idle-satchel/core/roles';
import { idFrom, MOMENTS, showClock, type Check, type Moment } from '@idle-satchel/core';
import { Suspense, useState } from 'react';
import { Link } from 'wouter';
import { keepName, ownName, signedName } from '../../api/signature.js';
import { FigureRows, Heading, useWorkingKey } from '../../ledger/Ledger.js';
import { useEvent, useReading, useResult, useStore } from '../../store/hooks.js';
import { withStations } from '../../store/with-stations.js';
import { fetched } from '../../ui/fetched.js';
import { useMay, useMe } from '../../ui/me.js';
import { isReached } from './reached.js';
import { Reading } from './Reading.js';

const BatteryCard = fetched(withStations(['power', 'hands'], () => import('../power/BatteryCard.js')));

const OwnDuties = fetched(withStations(['hands'], () => import('./OwnDuties.js')));

const WorkUnderWay = fetched(withStations(['hands'], () => import('./WorkUnderWay.js')));

const WhomToCall = fetched(withStations(['hands'], () => import('./WhomToCall.js')));

const DayOrder = fetched(() => import('./DayOrder.js'));

/** Any tick. */
const A_TICK: Thing = { document: 'plan', path: '/ticks/any' };

/** Day: what to check, when and where; ticks are kept, with name and time. */
export default function DayStation() {
  useWorkingKey();
  const day = useResult('day');
  const own = ownName();
  const [typed, setName] = useState(signedName());
  const name = own ?? typed;
  const person = useMe()?.person;
  const ticks = useMay('change', A_TICK);
  const plans = useMay('change', 'events');
  const called = useEvent(state => Object.values(state.bundle.hands.people).some(isReached));
  const [moment, setMoment] = useState<Moment>('Pack out');
  const checks = Object.entries(day.checks).filter(([, check]) => check.moment === moment);
  return (
    <div className="flex flex-col md:grid md:grid-cols-[minmax(0,1.87fr)_minmax(320px,1fr)] min-h-full">
      <section aria-label="Checks" className="px-4 md:px-5 py-3">
        <div className="flex flex-wrap gap-x-4 gap-y-1 mb-3" role="tablist" aria-label="When">
          {MOMENTS.map(each => {
            const count = day.moments[each];
            return (
              <button
                key={each}
                role="tab"
                aria-selected={each === moment}
                className={`py-1.5 border-b-2 ${each === moment ? 'border-brass' : 'border-transparent text-faint'}`}
                onClick={() => setMoment(each)}
              >
                {each}{' '}
                <span className="text-faint">
                  {String(count?.done.value ?? 0)}/{String(count?.all.value ?? 0)}
                </span>
              </button>
            );
          })}
        </div>
        <ul>
          {checks.map(([id, check]) => (
            <CheckLine key={id} id={id} check={check} name={name} ticks={ticks} />
          ))}
        </ul>
        {checks.length === 0 && <p className="text-faint py-2">Nothing to check at this moment.</p>}
      </section>
      <aside className="max-md:contents px-4 py-2 md:border-l border-rule">
        {ticks && own !== undefined && (
          <p className="py-2 max-md:order-first max-md:px-4">
            <span className="text-faint">Ticks are signed</span> {own}{' '}
            <Link className="link" to="/account">
              Somebody else
            </Link>
          </p>
        )}
        {ticks && own === undefined && (
          <label className="block py-2 max-md:order-first max-md:px-4">
            <span className="text-faint">Ticks are signed </span>
            <input
              className="field w-48"
              aria-label="Your name"
              placeholder="your name"
              maxLength={80}
              value={name}
              onChange={event => {
                setName(event.target.value);
                keepName(event.target.value.trim());
              }}
            />
          </label>
        )}
        {!plans && (
          <Suspense>
            <DayOrder />
          </Suspense>
        )}
        {person !== undefined && (
          <Suspense>
            <OwnDuties person={person} />
          </Suspense>
        )}
        <Suspense>
          <WorkUnderWay presses={ticks} />
        </Suspense>
        {called && (
          <Suspense>
            <WhomToCall />
          </Suspense>
        )}
        {ticks && (
          <div className="max-md:px-4">
            <Suspense>
              <BatteryCard by={name} />
            </Suspense>
          </div>
        )}
        <div className="max-md:px-4 max-md:pb-4">
          <Heading>Done</Heading>
          <FigureRows of={{ done: day.done, all: day.all, ready: day.readyForDoors }} />
        </div>
      </aside>
    </div>
  );
}

function CheckLine({
  id,
  check,
  name,
  ticks,
}: {
  id: string;
  check: Check;
  name: string;
  /** Whoever looks may tick. */
  ticks: boolean;
}) {
  const store = useStore();
  const reading = useReading();
  const done = check.tick !== undefined;
  const needsValue = check.unit !== undefined;
  const keep = (value?: number): void => {
    const tick = {
      check: id,
      by: name.trim() || 'Somebody',
      at: new Date().toISOString(),
      ...(value === undefined ? {} : { value }),
    };
    store.editPlan(
      `Tick: ${check.label}`.slice(0, 120),
      plan => plan.put('ticks', check.tick ?? idFrom(id), tick),
      value === undefined ? undefined : `reading of ${id}`,
    );
  };
  const takeBack = (): void =>
    store.editPlan('Take a tick off', plan => plan.drop('ticks', check.tick ?? ''));
  return (
    <li
      className={`flex flex-wrap gap-3 items-baseline border-b border-rule py-2 ${done ? 'text-faint' : ''}`}
    >
      <label className="flex gap-3 items-baseline grow cursor-pointer">
        <input
          type="checkbox"
          className="size-5 translate-y-1 accent-(--oil)"
          checked={done}
          disabled={!ticks || (!done && needsValue)}
          title={!done && needsValue ? 'Ticked by its reading' : undefined}
          onChange={done ? takeBack : () => keep()}
        />
        <span>
          {check.label}
          {check.detail && <span className="text-faint text-[13px]"> · {check.detail}</span>}
        </span>
      </label>
      {check.tape && <span className="tape tape-small">{check.tape}</span>}
      {needsValue && ticks && <Reading check={check} onRead={keep} onTakeBack={takeBack} />}
      {done && (
        <span className="text-[13px] text-done">
          {check.by}, {showClock(check.at ?? '', reading)}
        </span>
      )}
    </li>
  );
}
