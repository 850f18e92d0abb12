import type { Kind } from '@idle-satchel/core';
import type { ItemLine } from '@idle-satchel/core/api';
import { expectedAt, placesOf, type SeenThing, type StockTake } from '@idle-satchel/core/stock-take';
import { useState } from 'react';
import { Damage } from './Damage.js';

const NOWHERE = 'No place was noted';

/** A place chosen, and what ought to be there, to be tapped; besides, what was seen there and belongs elsewhere. */
export function Place({
  items,
  kinds,
  take,
  place,
  onPlace,
  onSeen,
  onUnseen,
  onVisited,
}: {
  items: readonly ItemLine[];
  kinds: Readonly<Record<string, Pick<Kind, 'label'>>>;
  take: StockTake;
  place: string | undefined;
  onPlace: (place: string | undefined) => void;
  onSeen: (item: ItemLine, more?: Partial<SeenThing>) => void;
  onUnseen: (item: ItemLine) => void;
  onVisited: (visited: readonly string[]) => void;
}) {
  if (place === undefined)
    return (
      <>
        <p className="py-2">Where do you stand? What ought to be there is listed then.</p>
        <ul>
          {placesOf(items).map(each => {
            const seen = expectedAt(items, each.place).filter(({ id }) => take.seen[id]).length;
            return (
              <li key={each.place} className="border-b border-rule">
                <button className="big w-full text-left py-3 flex gap-3" onClick={() => onPlace(each.place)}>
                  <span className="grow">{each.place === '' ? NOWHERE : each.place}</span>
                  <span className={take.visited.includes(each.place) ? 'text-done' : 'text-faint'}>
                    {take.visited.includes(each.place) ? '✓ ' : ''}
                    {seen} of {each.expected}
                  </span>
                </button>
              </li>
            );
          })}
        </ul>
      </>
    );
  const expected = expectedAt(items, place);
  const ids = new Set(expected.map(({ id }) => id));
  const besides = items.filter(({ id }) => take.seen[id]?.place === place && !ids.has(id));
  const visited = take.visited.includes(place);
  return (
    <>
      <p className="flex gap-3 items-center py-2">
        <b className="grow text-[18px]">{place === '' ? NOWHERE : place}</b>
        <button className="link big whitespace-nowrap" onClick={() => onPlace(undefined)}>
          Another place
        </button>
      </p>
      <ul aria-label="What ought to be here">
        {[...expected, ...besides].map(item => (
          <Thing
            key={item.id}
            {...{ item, onSeen, onUnseen }}
            what={kinds[item.kind]?.label ?? 'unknown kind'}
            seen={take.seen[item.id]}
            stray={!ids.has(item.id)}
          />
        ))}
        {expected.length + besides.length === 0 && (
          <li className="py-2 text-faint">Nothing ought to be here.</li>
        )}
      </ul>
      <button
        className="button big my-3"
        aria-pressed={visited}
        onClick={() =>
          onVisited(visited ? take.visited.filter(each => each !== place) : [...take.visited, place])
        }
      >
        {visited ? '✓ Looked through: what is not ticked is missing' : 'I have looked through all of it'}
      </button>
    </>
  );
}

/** One thing: a tap says that it is here. */
function Thing({
  item,
  what,
  seen,
  stray,
  onSeen,
  onUnseen,
}: {
  item: ItemLine;
  what: string;
  seen: SeenThing | undefined;
  stray: boolean;
  onSeen: (item: ItemLine, more?: Partial<SeenThing>) => void;
  onUnseen: (item: ItemLine) => void;
}) {
  const [asked, setAsked] = useState(false);
  return (
    <li className="border-b border-rule py-1">
      <p className="flex gap-3 items-center">
        <label className="grow flex gap-3 items-center py-2">
          <input
            type="checkbox"
            className="shrink-0"
            checked={seen !== undefined}
            onChange={event => (event.target.checked ? onSeen(item) : onUnseen(item))}
          />
          <span className="tape">{item.tape}</span>
          <span className="grow">
            {what}
            {stray && <span className="text-note"> · belongs elsewhere</span>}
          </span>
        </label>
        {seen && item.count !== undefined && (
          <label className="flex items-center gap-1">
            <input
              type="number"
              inputMode="numeric"
              className="field w-20"
              aria-label={`Pieces of ${item.tape}`}
              min={0}
              max={100000}
              step={1}
              value={seen.count ?? item.count}
              onChange={event => {
                const count = event.target.valueAsNumber;
                if (Number.isInteger(count) && count >= 0 && count <= 100000) onSeen(item, { count });
              }}
            />
            <span className="text-faint">pieces</span>
          </label>
        )}
        {seen && (
          <button className="link big" aria-expanded={asked} onClick={() => setAsked(!asked)}>
            {seen.damage ? 'Damaged' : 'Damage'}
            <span className="sr-only"> of {item.tape}</span>
          </button>
        )}
      </p>
      {asked && seen && (
        <Damage
          tape={item.tape}
          noted={seen.damage}
          onDamage={damage => {
            onSeen(item, { damage });
            setAsked(false);
          }}
        />
      )}
    </li>
  );
}
