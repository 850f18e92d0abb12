import type { Sheet } from '@idle-satchel/core';
import type { SheetName } from '@idle-satchel/core';
import { addressOf } from '../api/client.js';
import { useStore } from '../store/hooks.js';
import { FileLink } from './FileLink.js';

/** A sheet on the screen, as it is printed, with its files by the name that they have on the server. */
export function SheetTable({ sheet, name }: { sheet: Sheet; name: SheetName }) {
  const { id } = useStore();
  const { title, columns, sections, notes } = sheet;
  return (
    <section aria-label={title} className="px-4 py-2 overflow-auto">
      <p className="flex gap-4 items-baseline">
        <b className="grow text-[18px] font-semibold">{title}</b>
        <FileLink className="link" address={addressOf(`GET /events/:id/${name}.pdf`, { id })}>
          PDF
        </FileLink>
        <FileLink className="link" address={addressOf(`GET /events/:id/${name}.csv`, { id })}>
          CSV
        </FileLink>
      </p>
      <table>
        <thead>
          <tr>
            {columns.map(({ label, align }) => (
              <th key={label} className={align === 'right' ? 'text-right' : undefined}>
                {label}
              </th>
            ))}
          </tr>
        </thead>
        {sections.map(({ heading, rows }) =>
          rows.length === 0 ? null : (
            <tbody key={heading}>
              <tr>
                <th colSpan={columns.length} scope="rowgroup" className="pt-3">
                  <b className="font-semibold text-ink">{heading}</b>
                </th>
              </tr>
              {rows.map((row, i) => (
                <tr key={i}>
                  {row.map((cell, j) => (
                    <td key={j} className={columns[j]?.align === 'right' ? 'text-right' : undefined}>
                      {cell}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          ),
        )}
      </table>
      {notes.map(note => (
        <p key={note} className="text-faint text-[13px] pt-2">
          {note}
        </p>
      ))}
    </section>
  );
}
