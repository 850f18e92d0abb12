import { addressOf } from '../api/client.js';
import { useOpenEvent, usePlan } from '../store/hooks.js';
import { daysTo } from '../ui/days.js';
import { SavingWords, UndoButtons } from '../ui/EditWords.js';
import { FileMenu } from './FilesMenu.js';
import { TopLine } from '../ui/top-line.js';

const FILES = [
  ['camera-plan.pdf', 'Camera plan, PDF'],
  ['schematic.pdf', 'Schematic, PDF'],
  ['input-list.pdf', 'Input list, PDF'],
  ['patch-list.pdf', 'Patch list, PDF'],
  ['format-card.pdf', 'Format card, PDF'],
  ['cut-list.pdf', 'Cut list, PDF'],
  ['lay-list.pdf', 'Lay list, PDF'],
  ['pack-list.csv', 'Pack list, CSV'],
] as const;

/** The event's part of the top line: its label, countdown, what is being saved, undo, rules, sheets. */
export function EventTopLine() {
  const { store, ui } = useOpenEvent();
  const { id } = store;
  const label = usePlan(plan => plan.label);
  const start = usePlan(plan => plan.start);
  const own = usePlan(plan => plan.rules);
  return (
    <TopLine>
      <span className="tape ml-2 max-w-[30ch] overflow-hidden text-ellipsis">{label}</span>
      <span className="text-[13.5px] whitespace-nowrap">{daysTo(start)}</span>
      <SavingWords />
      <button className="text-faint hover:text-ink" onClick={() => ui.set({ dialog: 'rules' })}>
        Rules: {own && Object.keys(own).length > 0 ? 'own' : 'house'}
      </button>
      <UndoButtons />
      <button className="text-faint hover:text-ink" onClick={() => ui.set({ dialog: 'history' })}>
        History
      </button>
      <FileMenu
        words="Sheets"
        files={[
          ...FILES.map(([name, words]) => [addressOf(`GET /events/:id/${name}`, { id }), words] as const),
          [addressOf('GET /events/:id/file', { id }), 'Event file, .satchel.json, without names'],
          [addressOf('GET /events/:id/file', { id, names: 'yes' }), 'Event file with people’s names'],
        ]}
      />
    </TopLine>
  );
}
