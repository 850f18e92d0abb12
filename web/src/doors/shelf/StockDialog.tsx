import { counted, type StockChange, type StockFault, type StockList } from '@idle-satchel/core';
import type { ItemLine } from '@idle-satchel/core/api';
import { changeWords } from '@idle-satchel/core/item-drafts';
import { Suspense, useState } from 'react';
import { Dialog } from '../../ui/Dialog.js';
import { fetched } from '../../ui/fetched.js';
import { GuardedButton } from '../../ui/GuardedButton.js';
import type { Done } from './use-shelf.js';
import { useStockList, type StockReading } from './use-stock-list.js';

const GearOfOthers = fetched(() => import('./GearOfOthers.js'));

const EXAMPLE = 'tape;kind;pieces\nN30;Network cable, 30 m;4\nRAMP 2;Cable ramp, 0.9 m;8';

/** Lines that are shown at once. */
const SHOWN = 50;

/** A list of stock pasted or read from a file; every line that cannot be read says why, and nothing is lost. */
export default function StockDialog({
  house,
  onClose,
  onMade,
}: {
  house: StockReading;
  onClose: () => void;
  onMade: (done: Done) => void;
}) {
  const [gear, setGear] = useState<File>();
  const { text, changing, list, said, say, take, put, drop, type, setChanging, mend } = useStockList(
    house,
    onMade,
  );
  if (gear)
    return (
      <Dialog title="Gear of another house" onClose={onClose}>
        <Suspense>
          <GearOfOthers
            file={gear}
            onAway={() => setGear(undefined)}
            onTaken={each => {
              onMade(each);
              say({ done: each.words });
              setGear(undefined);
            }}
          />
        </Suspense>
      </Dialog>
    );
  return (
    <Dialog
      title="Paste a list"
      onClose={() => {
        drop();
        onClose();
      }}
    >
      <p className="text-faint">
        One line for each thing, the first line naming the columns: tape, kind, and where you have them
        pieces, state, condition, serial number, home place, whose, bought on, price, insured for, tested on,
        next test, note, in any order. Several pieces get a tape each, numbered on. Nothing is done to the
        shelf before you say so.
      </p>
      <textarea
        className="field w-full h-44 font-mono text-[13px] mt-2"
        aria-label="The list"
        placeholder={EXAMPLE}
        value={text}
        onChange={event => type(event.target.value)}
      />
      <FromFile onFile={file => (/\.json$/i.test(file.name) ? setGear(file) : void take(file))} />
      <label className="flex gap-2 items-baseline py-1">
        <input type="checkbox" checked={changing} onChange={event => setChanging(event.target.checked)} />A
        tape code that is on the shelf changes that thing; empty cells change nothing
      </label>
      <WhatItDoes {...{ list, mend }} there={house.there} />
      <p
        role="status"
        className={`py-1 ${said.problem ? 'text-stop' : said.busy ? 'text-faint' : 'text-done'}`}
      >
        {said.problem || said.busy || said.done}
      </p>
      <PutButton list={list} busy={said.busy} onPut={() => void put()} />
    </Dialog>
  );
}

/** What is wrong with a list, and what it changes, before anything is done. */
function WhatItDoes({
  list: { changes, unchanged, faults },
  there,
  mend,
}: {
  list: StockList;
  there: readonly ItemLine[];
  mend: (fault: StockFault, value: string) => void;
}) {
  return (
    <>
      {faults.length > 0 && <Faults faults={faults.slice(0, SHOWN)} onMend={mend} />}
      {faults.length > SHOWN && (
        <p className="text-stop">and {faults.length - SHOWN} more faults further down.</p>
      )}
      {changes.length > 0 && <Changes changes={changes} there={there} />}
      {unchanged > 0 && (
        <p className="text-faint">{counted(unchanged, 'line says', 'lines say')} what is known already.</p>
      )}
    </>
  );
}

function PutButton({
  list: { items, changes, faults },
  busy,
  onPut,
}: {
  list: StockList;
  busy: string;
  onPut: () => void;
}) {
  const ready = items.length + changes.length;
  return (
    <p className="flex gap-2">
      <GuardedButton
        className="button button-main"
        why={busy || (ready === 0 ? 'no line can be read as a thing yet' : undefined)}
        onClick={onPut}
      >
        {changes.length === 0
          ? `Put ${items.length} on the shelf`
          : items.length === 0
            ? `Change ${changes.length}`
            : `Put ${items.length} on the shelf, change ${changes.length}`}
      </GuardedButton>
      {faults.length > 0 && ready > 0 && (
        <span className="text-faint">The faulty lines stay here to be mended.</span>
      )}
    </p>
  );
}

/** What the list changes of things on the shelf, before it is done. */
function Changes({ changes, there }: { changes: readonly StockChange[]; there: readonly ItemLine[] }) {
  const byId = new Map(there.map(item => [item.id, item]));
  return (
    <section aria-label="What is changed" className="py-1">
      <ul className="text-[13px]">
        {changes.slice(0, SHOWN).map(({ id, fields }) => {
          const before = byId.get(id);
          return (
            <li key={id} className="border-b border-rule py-0.5">
              <span className="tape">{before?.tape}</span> {before && changeWords(before, fields).join(' · ')}
            </li>
          );
        })}
      </ul>
      {changes.length > SHOWN && <p>and {changes.length - SHOWN} more.</p>}
    </section>
  );
}

/** Lines that cannot be read, each with why, and what may have been meant. */
function Faults({
  faults,
  onMend,
}: {
  faults: readonly StockFault[];
  onMend: (fault: StockFault, value: string) => void;
}) {
  return (
    <table aria-label="Lines that cannot be read">
      <thead>
        <tr>
          <th className="w-16">Line</th>
          <th className="w-24">Column</th>
          <th>What is wrong</th>
        </tr>
      </thead>
      <tbody>
        {faults.map(fault => {
          const { line, column, reason, suggestions } = fault;
          return (
            <tr key={`${line} ${column} ${reason}`}>
              <td>{line}</td>
              <td>{column}</td>
              <td>
                <span className="text-stop">{reason}</span>
                {suggestions.map(each => (
                  <button
                    key={each}
                    className="link block text-left"
                    aria-label={`Line ${line}: take ${each}`}
                    onClick={() => onMend(fault, each)}
                  >
                    {each}
                  </button>
                ))}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

/** The list out of a file instead. */
const FromFile = ({ onFile }: { onFile: (file: File) => void }) => (
  <p className="py-1">
    <label>
      or a CSV file, a workbook (.xlsx), or gear of another house (.satchel.json){' '}
      <input
        type="file"
        accept=".csv,text/csv,text/plain,.xlsx,.json,application/json"
        onChange={event => {
          const file = event.target.files?.[0];
          if (file) onFile(file);
        }}
      />
    </label>
  </p>
);
