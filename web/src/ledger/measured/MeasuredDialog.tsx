import { measuredThing, type Item, type Kind, type Reading, type Shelf } from '@idle-satchel/core';
import type { ItemChange } from '@idle-satchel/core/api';
import { useState } from 'react';
import { wordsOf } from '../../api/client.js';
import { Dialog } from '../../ui/Dialog.js';
import { MeterReadings } from './MeterReadings.js';
import { BatteryRuns } from './BatteryRuns.js';

/** How what was measured is kept: what is new, changed or taken back; tells whether it was. */
export type SaveMeasured = (change: Pick<ItemChange, 'meter' | 'runs' | 'forgotten'>) => Promise<boolean>;

/** What was measured of a thing: its watts by state, and how its battery ran. */
export default function MeasuredDialog({
  id,
  shelf,
  kind,
  reading,
  onSave,
  onClose,
}: {
  id: string;
  shelf: Shelf;
  kind: Kind | undefined;
  reading: Reading;
  onSave: (change: Pick<ItemChange, 'meter' | 'runs' | 'forgotten'>) => Promise<unknown>;
  onClose: () => void;
}) {
  const [problem, setProblem] = useState('');
  const item: Item | undefined = shelf.items[id];
  const thing = measuredThing(id, shelf, kind);
  if (!item || !thing) return null;
  const save: SaveMeasured = async change => {
    setProblem('');
    try {
      await onSave(change);
      return true;
    } catch (error) {
      setProblem(wordsOf(error));
      return false;
    }
  };
  return (
    <Dialog title={`Measured: ${item.tape}`} onClose={onClose}>
      <p className="text-faint">
        {kind?.label}.{' '}
        {thing.states.length > 0
          ? 'Readings that are ticked count in place of the book, here and for others of its kind that were not measured.'
          : 'Runs that are ticked tell its health.'}
      </p>
      {thing.states.length > 0 && (
        <MeterReadings
          states={thing.states}
          readings={thing.readings}
          supplies={kind?.supply !== undefined}
          reading={reading}
          onSave={save}
        />
      )}
      {thing.battery && (
        <BatteryRuns battery={thing.battery} runs={item.runs} reading={reading} onSave={save} />
      )}
      <p role="alert" className={problem ? 'text-stop py-1' : ''}>
        {problem}
      </p>
    </Dialog>
  );
}
