import { useState } from 'react';
import { nearestFirst, type Point, type Unmeasured } from '@idle-satchel/core';
import { AskRow } from '../../stations/ground/AskRow.js';

/** What is still unmeasured, what most depends on first or what is nearest, and what was measured on this walk. */
export function ToMeasure({
  items,
  here,
  onMeasure,
}: {
  items: readonly Unmeasured[];
  here: Point | undefined;
  onMeasure: (what: 'upload' | 'mobile') => void;
}) {
  const [near, setNear] = useState(false);
  const [seen, setSeen] = useState<ReadonlyMap<string, string>>(new Map());
  if (items.some(({ id, label }) => seen.get(id) !== label)) {
    setSeen(new Map([...seen, ...items.map(({ id, label }) => [id, label] as const)]));
  }
  const open = new Set(items.map(({ id }) => id));
  const done = [...seen].flatMap(([id, label]) => (open.has(id) ? [] : [label]));
  const shown = near && here ? nearestFirst(items, here) : items;
  return (
    <section aria-label="To measure">
      <div className="flex items-baseline gap-3 pt-2">
        <h2 className="grow">{items.length > 0 ? `${items.length} not known` : 'Everything is known'}</h2>
        {here && items.length > 1 && (
          <label className="flex gap-2 items-center">
            <input type="checkbox" checked={near} onChange={event => setNear(event.target.checked)} />
            nearest first
          </label>
        )}
      </div>
      {shown.map(item => (
        <AskRow key={item.id} item={item} here={here} onMeasure={onMeasure} />
      ))}
      {items.length === 0 && (
        <p className="py-2">
          Nothing at this venue is a guess any more. Pin what else you see, or go and plan.
        </p>
      )}
      {done.length > 0 && <p className="py-2 text-done">✓ Known since you came: {done.join(', ')}.</p>}
    </section>
  );
}
