import { cellWritten, counted, stockFrom, type Kind, type MapOf, type StockFault } from '@idle-satchel/core';
import Papa from 'papaparse';
import { useMemo, useState } from 'react';
import { call, wordsOf } from '../../api/client.js';
import { Dialog } from '../../ui/Dialog.js';
import { author } from '../../api/signature.js';
import { useKept } from '../../ui/use-kept.js';
import { GuardedButton } from '../../ui/GuardedButton.js';
import type { Done } from './use-shelf.js';

const EXAMPLE = 'tape;kind;pieces\nN30;Network cable, 30 m;4\nRAMP 2;Cable ramp, 0.9 m;8';

const read = (text: string): Papa.ParseResult<string[]> =>
  Papa.parse<string[]>(text.trim(), { skipEmptyLines: false });

/** A list of stock pasted or read from a file; every line that cannot be read says why, and nothing is lost. */
export default function StockDialog({
  kinds,
  known,
  onClose,
  onMade,
}: {
  kinds: MapOf<Kind>;
  known: readonly string[];
  onClose: () => void;
  onMade: (done: Done) => void;
}) {
  const [{ text }, keep, drop] = useKept('stock list', { text: '' });
  const setText = (next: string): void => keep({ text: next });
  const [problem, setProblem] = useState('');
  const [done, setDone] = useState('');
  const { items, faults } = useMemo(() => {
    if (text.trim() === '') return { items: [], faults: [] };
    return stockFrom(read(text).data, kinds, known);
  }, [text, kinds, known]);
  const mend = (fault: StockFault, value: string): void => {
    const { data, meta } = read(text);
    setText(Papa.unparse(cellWritten(data, fault, value), { delimiter: meta.delimiter, newline: '\n' }));
  };
  const put = async (): Promise<void> => {
    setProblem('');
    try {
      const words = `${counted(items.length, 'thing is', 'things are')} on the shelf.`;
      const { change } = await call(
        'POST /items',
        {},
        { items, author: author(), label: 'Put there with a list' },
      );
      onMade({ words, change });
      // What could not be read stays, to be mended and tried again.
      const lines = text.trim().split(/\r?\n/);
      const bad = new Set(faults.map(({ line }) => line));
      setText(bad.size === 0 ? '' : lines.filter((_, i) => i === 0 || bad.has(i + 1)).join('\n'));
      setDone(words);
    } catch (error) {
      setProblem(wordsOf(error));
    }
  };
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
        pieces, state and note, in any order. Several pieces get a tape each, numbered on.
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
      <p className="py-1">
        <label>
          or a CSV file{' '}
          <input
            type="file"
            accept=".csv,text/csv,text/plain"
            onChange={event => void event.target.files?.[0]?.text().then(setText)}
          />
        </label>
      </p>
      {faults.length > 0 && <Faults faults={faults} onMend={mend} />}
      <p role="status" className={problem ? 'text-stop py-1' : 'text-done py-1'}>
        {problem || done}
      </p>
      <p className="flex gap-2">
        <GuardedButton
          className="button button-main"
          why={items.length === 0 ? 'no line can be read as a thing yet' : undefined}
          onClick={() => void put()}
        >
          Put {items.length} on the shelf
        </GuardedButton>
        {faults.length > 0 && items.length > 0 && (
          <span className="text-faint">The faulty lines stay here to be mended.</span>
        )}
      </p>
    </Dialog>
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
