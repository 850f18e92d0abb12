import type { ItemLine } from '@idle-satchel/core/api';
import { differencesOf, thingByCode, type SeenThing, type StockTake } from '@idle-satchel/core/stock-take';
import { useState } from 'react';
import { Link } from 'wouter';
import { FootTabs } from '../../ui/FootTabs.js';
import { usePageTitle } from '../../ui/page-title.js';
import { ByCode } from './ByCode.js';
import { Differences } from './Differences.js';
import { Place } from './Place.js';
import { useTake, type OpenTake } from './use-take.js';

/** Walking along the cupboards with a phone: what is there, what is not, what is damaged; then what differs is settled. */
export function StockTakePage() {
  usePageTitle('Stock take');
  const open = useTake();
  if (!open) return <p className="p-6 text-faint">Opening the shelf …</p>;
  return <Taking open={open} />;
}

const TABS = { look: 'Look through', settle: 'What differs' } as const;
type Tab = keyof typeof TABS;

function Taking({ open }: { open: OpenTake }) {
  const { take, shelf, change, unkept, problem, done, undo } = open;
  const [tab, setTab] = useState<Tab>('look');
  const [place, setPlace] = useState<string>();
  const [read, setRead] = useState('');
  const { items } = shelf;
  const seenAt = (item: ItemLine, more: Partial<SeenThing> = {}): StockTake => ({
    ...take,
    seen: { ...take.seen, [item.id]: { place: place ?? '', ...take.seen[item.id], ...more } },
  });
  const byCode = (code: string): void => {
    const item = thingByCode(items, code);
    if (item) change(seenAt(item, { place: place ?? '' }));
    else if (!take.unknown.includes(code)) change({ ...take, unknown: [...take.unknown, code] });
    setRead(item ? `${item.tape} is here.` : `Nothing on the shelf has the code ${code}.`);
  };
  const differences = differencesOf(items, take);
  return (
    <div className="walk grid grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)_auto] min-h-0">
      <div className="px-4 py-1 border-b border-rule">
        <p className="flex items-center gap-3">
          <h1>Stock take</h1>
          <Link className="link ml-auto" to="/shelf">
            To the shelf
          </Link>
        </p>
        <p role="status" className={problem || unkept ? 'text-risk' : 'text-faint'}>
          {problem ||
            (unkept && 'This device keeps nothing: leave this page open.') ||
            done ||
            `${Object.keys(take.seen).length} seen; kept on this device until it is written to the shelf.`}{' '}
          {undo && (
            <button className="link" onClick={undo}>
              Undo
            </button>
          )}
        </p>
      </div>
      <main className="overflow-auto px-4 pb-6" aria-label="Stock take">
        {tab === 'look' && (
          <>
            {place !== undefined && <ByCode read={read} onCode={byCode} />}
            <Place
              {...{ items, take, place, kinds: shelf.kinds.kinds, onPlace: setPlace }}
              onSeen={(item, more) => change(seenAt(item, more))}
              onUnseen={item => {
                const { [item.id]: _gone, ...seen } = take.seen;
                change({ ...take, seen });
              }}
              onVisited={visited => change({ ...take, visited })}
            />
          </>
        )}
        {tab === 'settle' && <Differences {...{ open, differences }} />}
      </main>
      <FootTabs
        label="Stock take"
        tabs={TABS}
        tab={tab}
        counts={{ settle: differences.length }}
        onTab={setTab}
      />
    </div>
  );
}
