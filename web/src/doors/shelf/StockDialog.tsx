import {
  cellWritten,
  counted,
  stockFrom,
  type StockChange,
  type StockFault,
  type StockHouse,
  type StockList,
} from '@idle-satchel/core';
import type { ItemLine } from '@idle-satchel/core/api';
import { changeWords } from '@idle-satchel/core/item-drafts';
import Papa from 'papaparse';
import { Suspense, useMemo, useState } from 'react';
import { messageOf, wordsOf } from '../../api/client.js';
import { Dialog } from '../../ui/Dialog.js';
import { fetched } from '../../ui/fetched.js';
import { useKept } from '../../ui/use-kept.js';
import { GuardedButton } from '../../ui/GuardedButton.js';
import { putStock } from './put-stock.js';
import type { Done } from './use-shelf.js';

const GearOfOthers = fetched(() => import('./GearOfOthers.js'));

const EXAMPLE = 'tape;kind;pieces\nN30;Network cable, 30 m;4\nRAMP 2;Cable ramp, 0.9 m;8';

const read = (text: string): Papa.ParseResult<string[]> =>
  Papa.parse<string[]>(text.trim(), { skipEmptyLines: false });

/** The text of a list, however the file holds it. */
async function listText(file: File): Promise<string> {
  if (!/\.xlsx$/i.test(file.name)) return file.text();
  const { workbookRows } = await import('../../exchange/workbook.js');
  return Papa.unparse(await workbookRows(file), { delimiter: ';', newline: '\n' });
}

/** Lines that are shown at once. */
const SHOWN = 50;

const NOTHING: StockList = { items: [], changes: [], unchanged: 0, faults: [] };

/** A list of stock pasted or read from a file; every line that cannot be read says why, and nothing is lost. */
export default function StockDialog({
  house,
  onClose,
  onMade,
}: {
  house: Omit<StockHouse, 'there' | 'changes'> & { readonly there: readonly ItemLine[] };
  onClose: () => void;
  onMade: (done: Done) => void;
}) {
  const [{ text, changing }, keep, drop] = useKept('stock list', { text: '', changing: false });
  const setText = (next: string): void => keep({ text: next, changing });
  const [problem, setProblem] = useState('');
  const [done, setDone] = useState('');
  const [busy, setBusy] = useState('');
  const [gear, setGear] = useState<File>();
  const list = useMemo(
    () => (text.trim() === '' ? NOTHING : stockFrom(read(text).data, { ...house, changes: changing })),
    [text, house, changing],
  );
  const { items, changes, unchanged, faults } = list;
  const mend = (fault: StockFault, value: string): void => {
    const { data, meta } = read(text);
    setText(Papa.unparse(cellWritten(data, fault, value), { delimiter: meta.delimiter, newline: '\n' }));
  };
  const take = async (file: File): Promise<void> => {
    if (/\.json$/i.test(file.name)) return setGear(file);
    setProblem('');
    setDone('');
    setBusy('Reading the file …');
    try {
      setText(await listText(file));
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy('');
    }
  };
  const put = async (): Promise<void> => {
    setProblem('');
    const all = items.length + changes.length;
    const { made, changed, change, error } = await putStock(list, house.there, at =>
      setBusy(`${at} of ${all} are done …`),
    );
    setBusy('');
    const words = [
      ...(made > 0 || changed === 0 ? [`${counted(made, 'thing is', 'things are')} on the shelf`] : []),
      ...(changed > 0 ? [`${counted(changed, 'thing is', 'things are')} changed`] : []),
    ].join(', ');
    if (made + changed > 0) onMade({ words: `${words}.`, change });
    if (error !== undefined) return setProblem(`${wordsOf(error)} · ${words}.`);
    // What could not be read stays, to be mended and tried again.
    const { data, meta } = read(text);
    const bad = new Set(faults.map(({ line }) => line));
    const left = data.filter((_, i) => i === 0 || bad.has(i + 1));
    setText(bad.size === 0 ? '' : Papa.unparse(left, { delimiter: meta.delimiter, newline: '\n' }));
    setDone(`${words}.`);
  };
  const ready = items.length + changes.length;
  if (gear)
    return (
      <Dialog title="Gear of another house" onClose={onClose}>
        <Suspense>
          <GearOfOthers
            file={gear}
            onAway={() => setGear(undefined)}
            onTaken={each => {
              onMade(each);
              setDone(each.words);
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
      <FromFile onFile={file => void take(file)} />
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
        onChange={event => {
          setText(event.target.value);
          setDone('');
        }}
      />
      <label className="flex gap-2 items-baseline py-1">
        <input
          type="checkbox"
          checked={changing}
          onChange={event => keep({ text, changing: event.target.checked })}
        />
        A tape code that is on the shelf changes that thing; empty cells change nothing
      </label>
      {faults.length > 0 && <Faults faults={faults.slice(0, SHOWN)} onMend={mend} />}
      {faults.length > SHOWN && (
        <p className="text-stop">and {faults.length - SHOWN} more faults further down.</p>
      )}
      {changes.length > 0 && <Changes changes={changes} there={house.there} />}
      {unchanged > 0 && (
        <p className="text-faint">{counted(unchanged, 'line says', 'lines say')} what is known already.</p>
      )}
      <p role="status" className={problem ? 'text-stop py-1' : busy ? 'text-faint py-1' : 'text-done py-1'}>
        {problem || busy || done}
      </p>
      <p className="flex gap-2">
        <GuardedButton
          className="button button-main"
          why={busy || (ready === 0 ? 'no line can be read as a thing yet' : undefined)}
          onClick={() => void put()}
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
    </Dialog>
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
