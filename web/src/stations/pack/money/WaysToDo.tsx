import { showMoney, showText, type Reading } from '@idle-satchel/core';
import type { Variants } from '@idle-satchel/core/api';
import { WEIGHT_NAMES, WEIGHT_WORDS, type WeightName } from '@idle-satchel/core/weighing';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useLocation } from 'wouter';
import { addressOf, call, wordsOf } from '../../../api/client.js';
import { madeOnce } from '../../../api/make.js';
import { usePlan, useReading, useStore } from '../../../store/hooks.js';

/** Other ways of doing this event, side by side: what each gives, what it costs, and what is bought on the way. */
export function WaysToDo() {
  const store = useStore();
  const queries = useQueryClient();
  const reading = useReading();
  const [, navigate] = useLocation();
  const parent = usePlan(plan => plan.parent);
  const [wanted, setWanted] = useState(false);
  const [name, setName] = useState('');
  const queryKey = ['variants', store.id];
  const found = useQuery({
    queryKey,
    queryFn: async () => {
      await store.sent();
      return call('GET /events/:id/variants', { id: store.id });
    },
    enabled: wanted,
    staleTime: 0,
  });
  const make = useMutation({
    mutationFn: async () => {
      await store.sent();
      return madeOnce(as => call('POST /events/:id/variant', { id: store.id, as }, { label: name.trim() }));
    },
    onSuccess: ({ id }) => {
      setName('');
      void queries.invalidateQueries({ queryKey });
      navigate(`/events/${id}/pack`);
    },
  });
  return (
    <section aria-label="Ways to do it" className="mb-6">
      <h2>Ways to do it</h2>
      {parent !== undefined && (
        <p className="py-1">
          This is a variant: it takes nothing from the shelf beside{' '}
          <Link className="link" to={`/events/${parent}/pack`}>
            the event that it is one of
          </Link>
          .{' '}
          <button
            className="link"
            onClick={() => store.editPlan('Make it an event of its own', plan => plan.drop('parent'))}
          >
            Make it an event of its own
          </button>
        </p>
      )}
      <p className="flex flex-wrap gap-2 items-baseline py-1">
        <button
          className="button"
          disabled={found.isFetching}
          onClick={() => {
            setWanted(true);
            if (wanted) void found.refetch();
          }}
        >
          {found.isFetching ? 'Weighing each …' : 'Set them side by side'}
        </button>
        <input
          className="field w-60"
          aria-label="Name of a new variant"
          placeholder="with one camera less"
          maxLength={80}
          value={name}
          onChange={event => setName(event.target.value)}
        />
        <button
          className="button"
          disabled={name.trim() === '' || make.isPending}
          onClick={() => make.mutate()}
        >
          Make a variant
        </button>
      </p>
      {(found.error ?? make.error) && (
        <p role="alert" className="text-stop">
          {wordsOf(found.error ?? make.error)}
        </p>
      )}
      {found.data && found.data.variants.length === 1 && (
        <p className="text-faint">There is one way so far: make a variant and change it.</p>
      )}
      {found.data && found.data.variants.length > 1 && (
        <>
          <SideBySide of={found.data} here={store.id} reading={reading} />
          <Path of={found.data} reading={reading} />
        </>
      )}
    </section>
  );
}

function SideBySide({ of, here, reading }: { of: Variants; here: string; reading: Reading }) {
  const ordered = of.path.flatMap(({ id }) => of.variants.find(each => each.id === id) ?? []);
  const rows = WEIGHT_NAMES.filter(name => ordered.some(({ weighed }) => (weighed[name] ?? 0) !== 0));
  return (
    <div className="overflow-x-auto">
      <table>
        <thead>
          <tr>
            <th>
              <span className="sr-only">What</span>
            </th>
            {ordered.map(({ id, label }) => (
              <th key={id} className="!text-right align-bottom w-40 !whitespace-normal">
                <img
                  className="border border-rule bg-paper h-20 w-36 object-contain ml-auto"
                  src={addressOf('GET /events/:id/schematic.svg', { id })}
                  alt={`Schematic of ${label}`}
                  loading="lazy"
                />
                {id === here ? (
                  <b className="font-semibold">{label}</b>
                ) : (
                  <Link className="link" to={`/events/${id}/pack`}>
                    {label}
                  </Link>
                )}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map(name => (
            <tr key={name}>
              <td>{WEIGHT_WORDS[name].label}</td>
              {ordered.map(({ id, weighed }) => (
                <td key={id} className="text-right">
                  {worded(name, weighed[name], reading)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

const worded = (name: WeightName, value: number | null, reading: Reading): string =>
  value === null ? 'not known' : showText(value, WEIGHT_WORDS[name].unit, reading);

function Path({ of, reading }: { of: Variants; reading: Reading }) {
  const { currency, dates } = reading;
  return (
    <>
      <h3 className="pt-3">From the smallest to the largest</h3>
      <ol>
        {of.path.map(({ id, step: { buys, spare, cost, unpriced } }) => (
          <li key={id} className="border-b border-rule py-1.5">
            <div className="flex gap-3">
              <span className="grow">{of.variants.find(each => each.id === id)?.label}</span>
              <span>{showMoney(cost, currency, dates)}</span>
            </div>
            <div className="text-faint text-[13px]">
              {buys.length === 0
                ? 'nothing is bought'
                : `bought: ${buys.map(({ label, count }) => (count > 1 ? `${count} × ${label}` : label)).join(', ')}`}
              {unpriced > 0 && `; ${unpriced} without a price`}
            </div>
            {spare.length > 0 && (
              <div className="text-risk text-[13px]">
                <span aria-hidden>◇ </span>of no use any more:{' '}
                {spare.map(({ label, count }) => (count > 1 ? `${count} × ${label}` : label)).join(', ')}
              </div>
            )}
          </li>
        ))}
      </ol>
    </>
  );
}
