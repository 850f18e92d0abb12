import { canBeMeasured, notedOf, type DateLocale, type UnitSystem } from '@idle-satchel/core';
import type { ItemFields, ItemLine } from '@idle-satchel/core/api';
import { attentionOf, whereWords } from '@idle-satchel/core/shelf-list';
import { Suspense, useState } from 'react';
import { fetched } from '../../ui/fetched.js';
import { OWN_ZONE } from '../../ui/days.js';
import { ItemBookings } from './ItemBookings.js';
import { ItemFaults } from './ItemFaults.js';
import { ItemForm } from './ItemForm.js';
import { ItemHistory } from './ItemHistory.js';
import { ItemPhoto } from './ItemPhoto.js';
import { itemNames, type KindsById } from './item-names.js';

const Reminder = fetched(() => import('./Reminder.js'));
const MeasuredDialog = fetched(() => import('../../ledger/measured/MeasuredDialog.js'));

const TONE = { stop: 'text-stop', risk: 'text-risk', note: 'text-note' } as const;
const GLYPH = { stop: '◆ ', risk: '◇ ', note: '· ' } as const;

/** All that is known of one thing, and who said so. */
export default function ItemPanel({
  item,
  items,
  kinds,
  units,
  dates,
  today,
  onChange,
  onClose,
}: {
  item: ItemLine;
  items: readonly ItemLine[];
  kinds: KindsById;
  units: UnitSystem;
  dates: DateLocale | undefined;
  today: string;
  onChange: (fields: ItemFields) => Promise<void>;
  onClose: () => void;
}) {
  const [measuring, setMeasuring] = useState(false);
  const kind = kinds[item.kind];
  const reading = { system: units, zone: OWN_ZONE, dates };
  const attention = attentionOf(item, today, { kind, dates });
  return (
    <>
      <p className="flex items-baseline gap-3">
        <span className="tape">{item.tape}</span>
        <span className="grow">{kind?.label ?? 'unknown kind'}</span>
        <button className="link" onClick={onClose}>
          Close
        </button>
      </p>
      <p className="text-faint pt-1">{whereWords(item)}</p>
      {attention.length > 0 && (
        <ul aria-label="What wants to be seen to" className="pt-1">
          {attention.map(({ severity, words }) => (
            <li key={words} className={TONE[severity]}>
              <span aria-hidden>{GLYPH[severity]}</span>
              <span className="sr-only">{severity}: </span>
              {item.tape} {words}.
            </li>
          ))}
        </ul>
      )}
      <ItemForm {...{ item, units, today }} named={itemNames(items, kinds, item.id)} onChange={onChange} />
      {item.lent && <Reminder {...{ to: item.lent.to, items, kinds, dates }} />}
      <ItemBookings {...{ item, dates }} />
      <ItemFaults {...{ item, dates, onChange }} />
      <ItemPhoto {...{ item, onChange }} />
      {canBeMeasured(kind) && (
        <section aria-label="Measured" className="pt-3">
          <h2>Measured</h2>
          <p>
            {notedOf(item) || <span className="text-faint">Nothing was measured of it yet.</span>}{' '}
            <button className="link" onClick={() => setMeasuring(true)}>
              Note what a meter showed, or how it ran
            </button>
          </p>
          {measuring && (
            <Suspense>
              <MeasuredDialog
                {...{ id: item.id, kind, reading }}
                shelf={{ items: Object.fromEntries(items.map(each => [each.id, each])) }}
                onSave={onChange}
                onClose={() => setMeasuring(false)}
              />
            </Suspense>
          )}
        </section>
      )}
      <ItemHistory id={item.id} revision={item.revision} dates={dates} />
    </>
  );
}
