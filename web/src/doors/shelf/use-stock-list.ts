/** A list of stock as it is pasted, read, mended and put on the shelf. */
import {
  cellWritten,
  counted,
  stockFrom,
  type StockFault,
  type StockHouse,
  type StockList,
} from '@idle-satchel/core';
import type { ItemLine } from '@idle-satchel/core/api';
import Papa from 'papaparse';
import { useMemo, useState } from 'react';
import { messageOf, wordsOf } from '../../api/client.js';
import { useKept } from '../../ui/use-kept.js';
import { putStock } from './put-stock.js';
import type { Done } from './use-shelf.js';

/** What a list is read with, and the shelf as it is seen here. */
export type StockReading = Omit<StockHouse, 'there' | 'changes'> & { readonly there: readonly ItemLine[] };

const NOTHING: StockList = { items: [], changes: [], unchanged: 0, faults: [] };

const read = (text: string): Papa.ParseResult<string[]> =>
  Papa.parse<string[]>(text.trim(), { skipEmptyLines: false });
const written = (rows: string[][], delimiter: string): string =>
  Papa.unparse(rows, { delimiter, newline: '\n' });

/** The text of a list, however the file holds it. */
async function listText(file: File): Promise<string> {
  if (!/\.xlsx$/i.test(file.name)) return file.text();
  const { workbookRows } = await import('../../exchange/workbook.js');
  return written(await workbookRows(file), ';');
}

export function useStockList(house: StockReading, onMade: (done: Done) => void) {
  const [{ text, changing }, keep, drop] = useKept('stock list', { text: '', changing: false });
  const [said, setSaid] = useState({ problem: '', done: '', busy: '' });
  const list = useMemo(
    () => (text.trim() === '' ? NOTHING : stockFrom(read(text).data, { ...house, changes: changing })),
    [text, house, changing],
  );
  const say = (what: Partial<typeof said>): void => setSaid({ problem: '', done: '', busy: '', ...what });
  const setText = (next: string): void => keep({ text: next, changing });
  const take = async (file: File): Promise<void> => {
    say({ busy: 'Reading the file …' });
    try {
      setText(await listText(file));
      say({});
    } catch (error) {
      say({ problem: messageOf(error) });
    }
  };
  const put = async (): Promise<void> => {
    const all = list.items.length + list.changes.length;
    const { made, changed, change, error } = await putStock(list, house.there, at =>
      say({ busy: `${at} of ${all} are done …` }),
    );
    const words = `${[
      ...(made > 0 || changed === 0 ? [`${counted(made, 'thing is', 'things are')} on the shelf`] : []),
      ...(changed > 0 ? [`${counted(changed, 'thing is', 'things are')} changed`] : []),
    ].join(', ')}.`;
    if (made + changed > 0) onMade({ words, change });
    if (error !== undefined) return say({ problem: `${wordsOf(error)} · ${words}` });
    // What could not be read stays, to be mended and tried again.
    const { data, meta } = read(text);
    const bad = new Set(list.faults.map(({ line }) => line));
    const left = data.filter((_, i) => i === 0 || bad.has(i + 1));
    setText(bad.size === 0 ? '' : written(left, meta.delimiter));
    say({ done: words });
  };
  return {
    ...{ text, changing, list, said, say, take, put, drop },
    type: (next: string): void => {
      setText(next);
      say({});
    },
    setChanging: (next: boolean): void => keep({ text, changing: next }),
    mend: (fault: StockFault, value: string): void => {
      const { data, meta } = read(text);
      setText(written(cellWritten(data, fault, value), meta.delimiter));
    },
  };
}
