import { counted } from '@idle-satchel/core';
import type { PersonLine } from '@idle-satchel/core/api';
import { NOTHING, peopleFrom, type PeopleList } from '@idle-satchel/core/people-lists';
import { useQueryClient } from '@tanstack/react-query';
import Papa from 'papaparse';
import { useMemo, useState } from 'react';
import { addressOf, call, messageOf, wordsOf } from '../../api/client.js';
import { madeOnce } from '../../api/make.js';
import { peopleQuery } from '../../api/queries.js';
import { useKept } from '../../ui/use-kept.js';

const EXAMPLE = 'Name;Skills;Phone\nMaud Tarrant;floor (can lead);01632 960 106';
/** Faults that are shown at once, and people that one request takes. */
const SHOWN = 30;
const AT_ONCE = 500;

/** The text of a list, however a file holds it. */
async function listText(file: File): Promise<string> {
  const written = (rows: string[][]): string => Papa.unparse(rows, { delimiter: ';', newline: '\n' });
  if (/\.xlsx$/i.test(file.name))
    return written(await (await import('../../exchange/workbook.js')).workbookRows(file));
  if (/\.vcf$/i.test(file.name))
    return written((await import('../../exchange/vcards.js')).vcardRows(await file.text()));
  return file.text();
}

/** Everybody as a file, and people from one: nothing is done before it was seen what it does. */
export default function PeopleLists({ all }: { all: readonly PersonLine[] }) {
  const queries = useQueryClient();
  const [{ text }, keep] = useKept('people list', { text: '' });
  const [said, setSaid] = useState({ words: '', bad: false });
  const [busy, setBusy] = useState(false);
  const list: PeopleList = useMemo(
    () =>
      text.trim() === ''
        ? NOTHING
        : peopleFrom(Papa.parse<string[]>(text.trim(), { skipEmptyLines: false }).data, all),
    [text, all],
  );
  const ready = list.people.length + list.changes.length;
  const take = async (file: File): Promise<void> => {
    try {
      keep({ text: await listText(file) });
      setSaid({ words: '', bad: false });
    } catch (error) {
      setSaid({ words: messageOf(error), bad: true });
    }
  };
  const put = async (): Promise<void> => {
    setBusy(true);
    const { people, changes } = list;
    try {
      for (let i = 0; i < people.length; i += AT_ONCE)
        await madeOnce(as => call('POST /people', { as }, { people: people.slice(i, i + AT_ONCE) }));
      for (let i = 0; i < changes.length; i += AT_ONCE)
        await call(
          'PATCH /people',
          {},
          { people: changes.slice(i, i + AT_ONCE).map(({ id, fields }) => ({ id, ...fields })) },
        );
      keep({ text: '' });
      setSaid({ words: `${people.length} new, ${changes.length} changed.`, bad: false });
    } catch (error) {
      setSaid({ words: wordsOf(error), bad: true });
    }
    await queries.invalidateQueries(peopleQuery);
    setBusy(false);
  };
  return (
    <section aria-label="Lists of people" className="bg-shade px-3 py-2 mb-3">
      <p className="flex flex-wrap gap-x-4">
        Everybody as
        <a className="link" href={addressOf('GET /people/list.csv')}>
          CSV
        </a>
        <a className="link" href={addressOf('GET /people/list.xlsx')}>
          workbook
        </a>
        <a className="link" href={addressOf('GET /people/list.pdf')}>
          PDF
        </a>
        <a className="link" href={addressOf('GET /people/contacts.vcf')}>
          contacts
        </a>
        <span className="text-faint">Personal data: keep such files no longer than they are needed.</span>
      </p>
      <label className="block pt-2">
        People from a list: one line for each, the first line naming the columns
        <textarea
          className="field w-full h-28 font-mono text-[13px]"
          placeholder={EXAMPLE}
          value={text}
          onChange={({ target }) => keep({ text: target.value })}
        />
      </label>
      <label className="block">
        or from a file: CSV, a workbook (.xlsx), contacts (.vcf){' '}
        <input
          type="file"
          accept=".csv,.txt,.xlsx,.vcf"
          onChange={({ target }) => {
            const [file] = target.files ?? [];
            if (file) void take(file);
            target.value = '';
          }}
        />
      </label>
      <Reads list={list} />
      <p className="flex gap-3 items-baseline pt-1">
        <button className="button button-main" disabled={busy || ready === 0} onClick={() => void put()}>
          {ready === 0
            ? 'Nothing to take in yet'
            : `Take in ${counted(list.people.length, 'new person', 'new people')}, change ${list.changes.length}`}
        </button>
        <span role="status" className={said.bad ? 'text-stop' : 'text-done'}>
          {said.words}
        </span>
      </p>
    </section>
  );
}

/** What a list does, and what of it cannot be read. */
function Reads({ list: { changes, unchanged, leftOut, faults } }: { list: PeopleList }) {
  return (
    <>
      {faults.length > 0 && (
        <ul className="text-stop pt-1">
          {faults.slice(0, SHOWN).map(({ line, column, reason }) => (
            <li key={`${line} ${column} ${reason}`}>
              Line {line}
              {column && `, ${column}`}: {reason}
            </li>
          ))}
          {faults.length > SHOWN && <li>and {faults.length - SHOWN} more faults.</li>}
        </ul>
      )}
      {leftOut.length > 0 && <p className="text-faint">Not read: {leftOut.join(', ')}.</p>}
      {changes.length > 0 && (
        <p>
          Changes:{' '}
          {changes
            .slice(0, SHOWN)
            .map(({ name, fields }) => `${name} (${Object.keys(fields).length})`)
            .join(', ')}
          {changes.length > SHOWN && ' …'}
        </p>
      )}
      {unchanged > 0 && (
        <p className="text-faint">{counted(unchanged, 'line says', 'lines say')} what is known already.</p>
      )}
    </>
  );
}
