import { canBeMeasured, holdsWords, notedOf, type Item, type Kind } from '@idle-satchel/core';
import type { ItemChange, ItemLine } from '@idle-satchel/core/api';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { call, wordsOf } from '../api/client.js';
import { itemsQuery, organisationQuery } from '../api/queries.js';
import { OWN_ZONE } from '../ui/days.js';
import { Door, Loading } from './door.js';
import { RenameField } from './RenameField.js';
import { useLiveList } from './use-live-list.js';

const StockDialog = lazy(() => import('./StockDialog.js'));
const MeasuredDialog = lazy(() => import('../ledger/measured/MeasuredDialog.js'));

const STATES: readonly Item['state'][] = ['ready', 'out', 'in repair', 'retired'];

/** One item: its tape code and state can be changed in place. */
function ItemRow({
  item,
  kind,
  onChange,
  onState,
  onMeasured,
}: {
  item: ItemLine;
  kind: Kind | undefined;
  onMeasured: () => void;
  onChange: (fields: ItemChange) => Promise<void>;
  onState: (state: Item['state']) => void;
}) {
  return (
    <tr>
      <td>
        <RenameField label="Tape code" value={item.tape} max={16} onSave={tape => onChange({ tape })} />
      </td>
      <td>
        {kind?.label ?? 'unknown kind'}
        {item.note && <span className="md:hidden text-faint"> · {item.note}</span>}
      </td>
      <td className="text-faint max-md:hidden">{kind?.family}</td>
      <td>{item.count ?? 1}</td>
      <td>
        <select
          className="field"
          aria-label={`State of ${item.tape}`}
          value={item.state}
          onChange={event => onState(event.target.value as Item['state'])}
        >
          {STATES.map(state => (
            <option key={state}>{state}</option>
          ))}
        </select>
      </td>
      <td className="text-faint max-md:hidden">
        {[item.note, item.cycles === undefined ? '' : `${item.cycles} cycles`].filter(Boolean).join(', ')}
      </td>
      <td>
        {canBeMeasured(kind) && (
          <button className="link" aria-label={`Measured: ${item.tape}`} onClick={onMeasured}>
            {notedOf(item) || 'note'}
          </button>
        )}
      </td>
    </tr>
  );
}

/** What was measured of one thing, as this house reads numbers and dates. */
function MeasuredOf({
  item,
  items,
  kind,
  onSave,
  onClose,
}: {
  item: ItemLine;
  items: readonly ItemLine[];
  kind: Kind | undefined;
  onSave: (fields: ItemChange) => Promise<void>;
  onClose: () => void;
}) {
  const { data: { units = 'metric', dates } = {} } = useQuery(organisationQuery);
  const shelf = { items: Object.fromEntries(items.map(each => [each.id, each])) };
  return (
    <Suspense>
      <MeasuredDialog
        {...{ id: item.id, shelf, kind, onSave, onClose }}
        reading={{ system: units, zone: OWN_ZONE, dates }}
      />
    </Suspense>
  );
}

/** Everything that is owned, with its tape code and state. */
export function ShelfDoor() {
  const queries = useQueryClient();
  const [wanted, setWanted] = useState('');
  const [pasting, setPasting] = useState(false);
  /** The thing whose measurements are open. */
  const [measured, setMeasured] = useState('');
  const shelf = useQuery(itemsQuery);
  useLiveList(itemsQuery.queryKey, message => message.shelf === true);
  const [problem, setProblem] = useState('');
  /** Changes an item as it is seen here; what others changed meanwhile is shown, and not written over. */
  const change = async ({ id, revision: base }: ItemLine, fields: ItemChange): Promise<void> => {
    setProblem('');
    try {
      await call('PATCH /items/:id', { id }, { ...fields, base });
    } finally {
      await queries.invalidateQueries(itemsQuery);
    }
  };
  const setState = (item: ItemLine, state: Item['state']): void =>
    void change(item, { state }).catch((error: unknown) => setProblem(`${item.tape}: ${wordsOf(error)}`));
  const kindOf = (item: ItemLine) => shelf.data?.kinds.kinds[item.kind];
  const item = shelf.data?.items.find(({ id }) => id === measured);
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
      {problem && (
        <p role="alert" className="text-stop border-l-3 border-(--madder) pl-3 mb-3">
          {problem}
        </p>
      )}
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
      {shelf.data && item && (
        <MeasuredOf
          {...{ item, items: shelf.data.items, kind: kindOf(item) }}
          onSave={fields => change(item, fields)}
          onClose={() => setMeasured('')}
        />
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
            <th className="w-24 max-md:w-20">Measured</th>
          </tr>
        </thead>
        <tbody>
          {lines?.map(item => (
            <ItemRow
              key={item.id}
              item={item}
              kind={shelf.data?.kinds.kinds[item.kind]}
              onChange={fields => change(item, fields)}
              onState={state => setState(item, state)}
              onMeasured={() => setMeasured(item.id)}
            />
          ))}
        </tbody>
      </table>
      {lines?.length === 0 && <p className="text-faint py-3">Nothing on the shelf is called that.</p>}
    </Door>
  );
}
