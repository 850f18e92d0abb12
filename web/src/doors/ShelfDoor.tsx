import { holdsWords, type Item } from '@idle-satchel/core';
import type { ItemChange, ItemLine } from '@idle-satchel/core/api';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { call } from '../api/client.js';
import { itemsQuery } from '../api/queries.js';
import { Door, Loading } from './door.js';
import { RenameField } from './RenameField.js';

const StockDialog = lazy(() => import('./StockDialog.js'));

const STATES: readonly Item['state'][] = ['ready', 'out', 'in repair', 'retired'];

/** Everything that is owned, with its tape code and state. */
export function ShelfDoor() {
  const queries = useQueryClient();
  const [wanted, setWanted] = useState('');
  const [pasting, setPasting] = useState(false);
  const shelf = useQuery(itemsQuery);
  const change = async (id: string, fields: ItemChange): Promise<void> => {
    await call('PATCH /items/:id', { id }, fields);
    await queries.invalidateQueries(itemsQuery);
  };
  const kindOf = (item: ItemLine) => shelf.data?.kinds.kinds[item.kind];
  const lines = shelf.data?.items.filter(item =>
    holdsWords(`${item.tape} ${kindOf(item)?.label ?? ''} ${item.state}`, wanted),
  );
  return (
    <Door
      title="Shelf"
      actions={
        <>
          <button className="button" onClick={() => setPasting(true)}>
            Paste a list
          </button>
          <Link className="link" to="/shelf/kinds">
            Kinds of gear
          </Link>
          <input
            className="field w-64"
            aria-label="Find on the shelf"
            placeholder="Find by tape, kind or state"
            value={wanted}
            onChange={event => setWanted(event.target.value)}
          />
        </>
      }
    >
      <Loading query={shelf} what="the shelf" />
      {pasting && shelf.data && (
        <Suspense>
          <StockDialog
            kinds={shelf.data.kinds.kinds}
            known={shelf.data.items.map(({ tape }) => tape)}
            onClose={() => setPasting(false)}
            onMade={() => void queries.invalidateQueries(itemsQuery)}
          />
        </Suspense>
      )}
      <table className="table-fixed">
        <thead>
          <tr>
            <th className="w-40 max-md:w-24">Tape</th>
            <th>Kind</th>
            <th className="w-24 max-md:hidden">Family</th>
            <th className="w-20 max-md:w-14">Count</th>
            <th className="w-36 max-md:w-24">State</th>
            <th className="max-md:hidden">Note</th>
          </tr>
        </thead>
        <tbody>
          {lines?.map(item => (
            <tr key={item.id}>
              <td>
                <RenameField
                  label="Tape code"
                  value={item.tape}
                  max={16}
                  onSave={tape => change(item.id, { tape })}
                />
              </td>
              <td>
                {kindOf(item)?.label ?? 'unknown kind'}
                {item.note && <span className="md:hidden text-faint"> · {item.note}</span>}
              </td>
              <td className="text-faint max-md:hidden">{kindOf(item)?.family}</td>
              <td>{item.count ?? 1}</td>
              <td>
                <select
                  className="field"
                  aria-label={`State of ${item.tape}`}
                  value={item.state}
                  onChange={event => void change(item.id, { state: event.target.value as Item['state'] })}
                >
                  {STATES.map(state => (
                    <option key={state}>{state}</option>
                  ))}
                </select>
              </td>
              <td className="text-faint max-md:hidden">
                {[item.note, item.cycles === undefined ? '' : `${item.cycles} cycles`]
                  .filter(Boolean)
                  .join(', ')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {lines?.length === 0 && <p className="text-faint py-3">Nothing on the shelf is called that.</p>}
    </Door>
  );
}
