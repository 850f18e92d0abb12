import { SHEET_NAMES, SHEET_WORDS, type SheetName } from '@idle-satchel/core';
import { OF_MONEY } from '@idle-satchel/core/roles';
import { addressOf } from '../api/client.js';
import { useMay } from '../ui/me.js';
import FileMenu from './FileMenu.js';

/** Lists that are opened as tables too, beside their PDF. */
const AS_TABLES: readonly SheetName[] = ['pack-list', 'cut-list'];

/** Every sheet of the event: drawings, lists in the order of the work, then tables. */
const FILES = [
  ['camera-plan.pdf', 'Camera plan, PDF'],
  ['schematic.pdf', 'Schematic, PDF'],
  ['racks.pdf', 'Racks to scale, PDF'],
  ...SHEET_NAMES.map(name => [`${name}.pdf`, `${SHEET_WORDS[name]}, PDF`] as const),
  ...AS_TABLES.flatMap(
    name =>
      [
        [`${name}.csv`, `${SHEET_WORDS[name]}, CSV`],
        [`${name}.xlsx`, `${SHEET_WORDS[name]}, workbook`],
        [`${name}.txt`, `${SHEET_WORDS[name]}, as text`],
      ] as const,
  ),
] as const;

/** The files of an event to take away. */
export default function EventFiles({ id }: { id: string }) {
  const money = useMay('read', 'money');
  return (
    <FileMenu
      words="Sheets"
      files={[
        ...FILES.filter(([name]) => money || !OF_MONEY.has(name.split('.')[0] ?? '')).map(
          ([name, words]) => [addressOf(`GET /events/:id/${name}`, { id }), words] as const,
        ),
        [addressOf('GET /events/:id/file', { id }), 'Event file, .satchel.json, without names'],
        [addressOf('GET /events/:id/file', { id, names: 'yes' }), 'Event file with people’s names'],
      ]}
    />
  );
}
