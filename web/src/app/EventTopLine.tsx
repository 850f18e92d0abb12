import { SHEET_NAMES, SHEET_WORDS, type SheetName } from '@idle-satchel/core';
import { Link } from 'react-router';
import { addressOf } from '../api/client.js';
import { useEvent, useOpenEvent, usePlan } from '../store/hooks.js';
import { daysTo } from '../ui/days.js';
import { SavingWords, UndoButtons } from '../ui/EditWords.js';
import { FileMenu } from './FilesMenu.js';
import { TopLine } from '../ui/top-line.js';

/** Lists that are opened as tables too, beside their PDF. */
const AS_TABLES: readonly SheetName[] = ['pack-list', 'cut-list'];

/** Every sheet of the event: drawings, lists in the order of the work, then tables. */
const FILES = [
  ['camera-plan.pdf', 'Camera plan, PDF'],
  ['schematic.pdf', 'Schematic, PDF'],
  ['racks.pdf', 'Racks to scale, PDF'],
  ...SHEET_NAMES.map(name => [`${name}.pdf`, `${SHEET_WORDS[name]}, PDF`] as const),
  ...AS_TABLES.map(name => [`${name}.csv`, `${SHEET_WORDS[name]}, CSV`] as const),
] as const;

/** The event's part of the top line: its label, countdown, what is being saved, undo, rules, sheets. */
export function EventTopLine() {
  const { store, ui } = useOpenEvent();
  const { id } = store;
  const label = usePlan(plan => plan.label);
  const start = usePlan(plan => plan.start);
  const own = usePlan(plan => plan.rules);
  const venue = useEvent(({ bundle }) => bundle.venue.name);
  const at = usePlan(plan => plan.venue.id);
  return (
    <TopLine>
      <span className="tape md:ml-2 min-w-0 max-w-[30ch] overflow-hidden text-ellipsis whitespace-nowrap">
        {label}
      </span>
      <span className="in-menu text-[13.5px] whitespace-nowrap">{daysTo(start)}</span>
      <Link
        className="link text-faint text-[13.5px] min-w-0 max-w-[24ch] truncate max-md:hidden"
        title={venue}
        to={`/venues/${at}`}
      >
        {venue}
      </Link>
      <SavingWords />
      <button className="in-menu text-faint hover:text-ink" onClick={() => ui.set({ dialog: 'rules' })}>
        Rules: {own && Object.keys(own).length > 0 ? 'own' : 'house'}
      </button>
      <UndoButtons />
      <button className="in-menu text-faint hover:text-ink" onClick={() => ui.set({ dialog: 'history' })}>
        History
      </button>
      <span className="in-menu">
        <FileMenu
          words="Sheets"
          files={[
            ...FILES.map(([name, words]) => [addressOf(`GET /events/:id/${name}`, { id }), words] as const),
            [addressOf('GET /events/:id/file', { id }), 'Event file, .satchel.json, without names'],
            [addressOf('GET /events/:id/file', { id, names: 'yes' }), 'Event file with people’s names'],
          ]}
        />
      </span>
    </TopLine>
  );
}
