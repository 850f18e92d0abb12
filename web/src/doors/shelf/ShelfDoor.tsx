import type { ItemLine } from '@idle-satchel/core/api';
import { isOverdue, SHELF_VIEWS, type ShelfView } from '@idle-satchel/core/shelf-list';
import { useQuery } from '@tanstack/react-query';
import { startTransition, Suspense, useMemo, useState } from 'react';
import { Link, useLocation, useParams } from 'wouter';
import { organisationQuery } from '../../api/queries.js';
import { fetched } from '../../ui/fetched.js';
import { usePageTitle } from '../../ui/page-title.js';
import { Loading } from '../door.js';
import { EditMany } from './EditMany.js';
import type { KindsById } from './item-names.js';
import { GROUPINGS, type Grouping } from './shelf-table.js';
import { ShelfRows } from './ShelfRows.js';
import { today } from '../../ui/today.js';
import { useShelf } from './use-shelf.js';
import { useShelfTable, type Sought } from './use-shelf-table.js';

const StockDialog = fetched(() => import('./StockDialog.js'));
const ListsDialog = fetched(() => import('./ListsDialog.js'));
const ItemPanel = fetched(() => import('./ItemPanel.js'));

/** What was asked for and lies over the page. */
type Asked = 'stock' | 'lists' | undefined;

const NO_ITEMS: readonly ItemLine[] = [];
const NO_KINDS: KindsById = {};

/** Everything that is owned, borrowed or hired: found, sorted, grouped, changed one by one or many at once. */
export function ShelfDoor() {
  usePageTitle('Shelf');
  const { item: open } = useParams();
  const [, navigate] = useLocation();
  const { shelf, refresh, changes } = useShelf();
  const { data: { units = 'metric', dates, currency } = {} } = useQuery(organisationQuery);
  const [sought, setSought] = useState<Sought>({ wanted: '', view: 'everything', grouping: '' });
  const [asked, setAsked] = useState<Asked>();
  const items = shelf.data?.items ?? NO_ITEMS;
  const kinds = shelf.data?.kinds.kinds ?? NO_KINDS;
  const { table, shown, rowSelection, chooseNothing } = useShelfTable(items, kinds, dates, sought);
  const house = useMemo(() => ({ kinds, there: items, dates, currency }), [kinds, items, dates, currency]);
  const overdue = useMemo(() => {
    const day = today();
    return items.filter(each => each.state !== 'retired' && isOverdue(each, day)).length;
  }, [items]);
  const item = items.find(({ id }) => id === open);
  const chosen = items.filter(({ id }) => rowSelection[id]);
  const close = (): void => void navigate('/shelf');
  return (
    <main
      className={`grid min-h-0 ${open === undefined ? 'grid-cols-[minmax(0,1fr)]' : 'md:grid-cols-[minmax(0,1.63fr)_minmax(360px,1fr)]'}`}
    >
      <section
        aria-label="The shelf"
        className={`flex flex-col min-h-0 pt-3 ${open === undefined ? '' : 'max-md:hidden'}`}
      >
        <Head
          {...{ sought, shown, all: items.length, isThere: !!shelf.data }}
          onSought={part => setSought(now => ({ ...now, ...part }))}
          overdue={overdue}
          onAsk={setAsked}
        />
        <div className="px-3">
          <Loading query={shelf} what="the shelf" />
        </div>
        <EditMany
          key={chosen.length === 0 ? 'none' : 'some'}
          {...{ chosen, kinds, units, items, changes }}
          onClear={chooseNothing}
        />
        {shelf.data && items.length === 0 && (
          <p className="px-3 py-4 text-faint">
            Nothing is on the shelf yet. Paste a list of what you have, or bring in an event with its gear.
          </p>
        )}
        {shown === 0 && items.length > 0 && (
          <p className="px-3 py-3 text-faint">Nothing on the shelf is like that.</p>
        )}
        {shown > 0 && <ShelfRows table={table} open={open} onOpen={id => void navigate(`/shelf/${id}`)} />}
      </section>
      {open !== undefined && (
        <aside aria-label="The thing" className="overflow-auto min-h-0 border-l border-rule px-4 py-3">
          {item && (
            <Suspense fallback={<p className="text-faint">…</p>}>
              <ItemPanel
                key={item.id}
                {...{ item, items, kinds, units, dates, today: today() }}
                onChange={fields => changes.change(item, fields)}
                onClose={close}
              />
            </Suspense>
          )}
          {!item && shelf.data && (
            <p>
              Nothing with this code is on the shelf.{' '}
              <button className="link" onClick={close}>
                Back to the shelf
              </button>
            </p>
          )}
        </aside>
      )}
      {asked === 'stock' && shelf.data && (
        <Suspense>
          <StockDialog
            house={house}
            onClose={() => setAsked(undefined)}
            onMade={done => {
              changes.setDone(done);
              void refresh();
            }}
          />
        </Suspense>
      )}
      {asked === 'lists' && (
        <Suspense>
          <ListsDialog chosen={chosen} onClose={() => setAsked(undefined)} />
        </Suspense>
      )}
    </main>
  );
}

/** The line above the shelf: finding, showing, grouping, and what leads elsewhere. */
function Head({
  sought,
  shown,
  all,
  isThere,
  overdue,
  onSought,
  onAsk,
}: {
  sought: Sought;
  shown: number;
  all: number;
  isThere: boolean;
  overdue: number;
  onSought: (part: Partial<Sought>) => void;
  onAsk: (asked: Asked) => void;
}) {
  const [typed, setTyped] = useState(sought.wanted);
  return (
    <div className="flex flex-wrap items-baseline gap-x-4 gap-y-2 px-3 pb-2">
      <h1 className="max-md:basis-full">Shelf</h1>
      <input
        type="search"
        className="field w-56 max-md:grow"
        aria-label="Find on the shelf"
        placeholder="Find by any word of it"
        value={typed}
        onChange={({ target: { value: wanted } }) => {
          setTyped(wanted);
          // Typing goes on while a long shelf is looked through.
          startTransition(() => onSought({ wanted }));
        }}
      />
      <label>
        <span className="text-faint">Show </span>
        <select
          className="field"
          value={sought.view}
          onChange={event => onSought({ view: event.target.value as ShelfView })}
        >
          {SHELF_VIEWS.map(each => (
            <option key={each}>{each}</option>
          ))}
        </select>
      </label>
      <label>
        <span className="text-faint">Group by </span>
        <select
          className="field"
          value={sought.grouping}
          onChange={event => onSought({ grouping: event.target.value as Grouping })}
        >
          {Object.entries(GROUPINGS).map(([each, words]) => (
            <option key={each} value={each}>
              {words}
            </option>
          ))}
        </select>
      </label>
      <span className="text-faint grow" role="status">
        {isThere && `${shown} of ${all}`}
      </span>
      {overdue > 0 && (
        <button className="link text-risk" onClick={() => onSought({ view: 'overdue' })}>
          ◇ {overdue} overdue
        </button>
      )}
      <button className="button" onClick={() => onAsk('stock')}>
        Paste a list
      </button>
      <button className="link" onClick={() => onAsk('lists')}>
        Lists and labels
      </button>
      <Link className="link" to="/shelf/stock-take">
        Stock take
      </Link>
      <Link className="link" to="/shelf/bookings">
        Bookings
      </Link>
      <Link className="link" to="/shelf/kinds">
        Kinds of gear
      </Link>
    </div>
  );
}
