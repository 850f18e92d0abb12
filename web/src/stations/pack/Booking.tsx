import { counted, inOrder, showDayAndClock, type Occasion } from '@idle-satchel/core';
import type { NotBooked } from '@idle-satchel/core/api';
import { useState } from 'react';
import { Link } from 'wouter';
import { ApiProblem, call, messageOf, wordsOf } from '../../api/client.js';
import { author } from '../../api/signature.js';
import { FlagField } from '../../ledger/ChoiceField.js';
import { Heading } from '../../ledger/Ledger.js';
import { useEvent, usePlan, useReading, useStore } from '../../store/hooks.js';

/** Confirming the event: what is on the list is booked, so that nobody else has it for that time. */
export default function Booking() {
  const store = useStore();
  const own = useEvent(state => state.bundle.claims.own);
  const reading = useReading();
  const [left, setLeft] = useState<readonly NotBooked[]>([]);
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const ask = async (work: () => Promise<unknown>): Promise<void> => {
    setProblem('');
    setBusy(true);
    try {
      await store.sent();
      await work();
      setLeft([]);
    } catch (error) {
      if (error instanceof ApiProblem && error.left.length > 0) {
        setLeft(error.left);
        setProblem(messageOf(error));
      } else setProblem(wordsOf(error));
    } finally {
      setBusy(false);
    }
  };
  const book = (partly: boolean): void =>
    void ask(() =>
      call('PUT /events/:id/booking', { id: store.id }, { author: author(), ...(partly && { partly }) }),
    );
  const things = own && counted(Object.keys(own.items).length, 'thing is', 'things are');
  return (
    <section aria-label="Booking" className="pt-3">
      <Heading>Booking</Heading>
      <p className="py-1">
        {own ? (
          <>
            {things} booked from {showDayAndClock(own.from, reading)} to {showDayAndClock(own.to, reading)}.
          </>
        ) : (
          <span className="text-faint">
            Not confirmed: others may still book what is on the list for that time.
          </span>
        )}
      </p>
      <PartOf />
      <p className="flex flex-wrap gap-2 items-baseline">
        <button className="button" disabled={busy} onClick={() => book(false)}>
          {own ? 'Book again' : 'Confirm and book'}
        </button>
        {own && (
          <button
            className="link"
            disabled={busy}
            onClick={() =>
              void ask(() => call('POST /bookings/:id/release', { id: store.id }, { author: author() }))
            }
          >
            Release all
          </button>
        )}
        <Link className="link" to="/shelf/bookings">
          All bookings
        </Link>
      </p>
      <p role="status" className={problem ? 'text-stop' : 'text-faint'}>
        {problem || (busy && 'Booking …')}
      </p>
      {left.length > 0 && <Left left={left} onRest={() => book(true)} />}
    </section>
  );
}

/** What cannot be had, each with another of its kind that can be taken in its place. */
function Left({ left, onRest }: { left: readonly NotBooked[]; onRest: () => void }) {
  const store = useStore();
  const items = useEvent(state => state.bundle.shelf.items);
  const devices = usePlan(plan => plan.devices);
  const placeOf = (item: string): string | undefined =>
    inOrder(devices).find(([, device]) => device.item === item)?.[0];
  return (
    <>
      <ul aria-label="Cannot be had" className="py-1">
        {left.map(({ item, reason, instead }) => {
          const [other] = instead;
          const place = placeOf(item);
          const tape = other === undefined ? undefined : items[other]?.tape;
          return (
            <li key={item} className="py-1 border-b border-rule">
              <b>{items[item]?.tape ?? 'A thing'}</b> {reason}.{' '}
              {other !== undefined && place !== undefined && tape !== undefined && (
                <button
                  className="link"
                  onClick={() =>
                    store.editPlan(`Take ${tape}`, plan => plan.put('devices', place, 'item', other))
                  }
                >
                  Take {tape}
                </button>
              )}
            </li>
          );
        })}
      </ul>
      <button className="button" onClick={onRest}>
        Book the rest
      </button>
    </>
  );
}

/** The occasion that the event is part of: a weekend, several sites or days, whose events hand things on. */
function PartOf() {
  const store = useStore();
  const occasion = usePlan(plan => plan.occasion);
  const { before, after } = useEvent(state => state.bundle.claims);
  const keep = (label: string, next: Occasion | undefined): void =>
    store.editPlan(label, plan => (next ? plan.put('occasion', next) : plan.drop('occasion')));
  return (
    <>
      <label className="flex items-baseline gap-2 py-1">
        <span className="text-faint whitespace-nowrap">Part of</span>
        <input
          className="field grow"
          aria-label="Part of the occasion"
          placeholder="a weekend, a festival"
          maxLength={60}
          key={occasion?.label}
          defaultValue={occasion?.label ?? ''}
          onBlur={event => {
            const label = event.target.value.trim();
            if (label === (occasion?.label ?? '')) return;
            keep('Part of an occasion', label === '' ? undefined : { ...occasion, label });
          }}
        />
      </label>
      {occasion && (
        <FlagField
          label="What the next event of it here uses too stays rigged"
          value={occasion.stays === true}
          onCommit={stays =>
            keep('What stays rigged', { label: occasion.label, ...(stays && { stays: true }) })
          }
        />
      )}
      {[before, after].map(
        (handed, i) =>
          handed && (
            <p key={i} className="text-[13px] py-0.5">
              {counted(handed.items.length, 'thing', 'things')}{' '}
              {i === 0
                ? handed.rigged
                  ? 'stand rigged since'
                  : 'come from'
                : handed.rigged
                  ? 'stay rigged for'
                  : 'go on to'}{' '}
              “{handed.event}”.
            </p>
          ),
      )}
    </>
  );
}
