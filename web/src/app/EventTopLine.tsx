import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/react';
import { Redo2, Undo2 } from 'lucide-react';
import { fileOf } from '../api/client.js';
import { useEvent, useOpenEvent, usePlan } from '../store/hooks.js';
import { daysTo } from './days.js';
import { TopLine } from './top-line.js';

const FILES = [
  ['cut-list.pdf', 'Cut list, PDF'],
  ['pack-list.csv', 'Pack list, CSV'],
  ['file', 'Event file, .satchel.json, without names'],
  ['file?names=yes', 'Event file with people’s names'],
] as const;

/** The event's part of the top line: its label, countdown, what is being saved, undo, rules, sheets. */
export function EventTopLine() {
  const { store, ui } = useOpenEvent();
  const label = usePlan(plan => plan.label);
  const start = usePlan(plan => plan.start);
  const own = usePlan(plan => plan.rules);
  const saving = useEvent(state => state.saving);
  const message = useEvent(state => state.message);
  const canUndo = useEvent(state => state.canUndo);
  const canRedo = useEvent(state => state.canRedo);
  const undo = canUndo ? 'Undo (u)' : 'Nothing to undo';
  const redo = canRedo ? 'Redo (Shift+u)' : 'Nothing to redo';
  return (
    <TopLine>
      <span className="tape ml-2 max-w-[30ch] overflow-hidden text-ellipsis">{label}</span>
      <span className="text-[13.5px] whitespace-nowrap">{daysTo(start)}</span>
      <span
        role="status"
        className="flex-1 min-w-0 truncate text-[13px] text-faint text-right"
        title={message}
      >
        {message || (saving === 'saving' ? 'saving …' : saving === 'offline' ? 'not connected' : '')}
      </span>
      <button className="text-faint hover:text-ink" onClick={() => ui.set({ dialog: 'rules' })}>
        Rules: {own && Object.keys(own).length > 0 ? 'own' : 'house'}
      </button>
      <span className="flex gap-2 text-faint">
        <button
          aria-label={undo}
          title={undo}
          disabled={!canUndo}
          className="disabled:opacity-40"
          onClick={() => void store.undo()}
        >
          <Undo2 size={17} />
        </button>
        <button
          aria-label={redo}
          title={redo}
          disabled={!canRedo}
          className="disabled:opacity-40"
          onClick={() => void store.redo()}
        >
          <Redo2 size={17} />
        </button>
      </span>
      <button className="text-faint hover:text-ink" onClick={() => ui.set({ dialog: 'history' })}>
        History
      </button>
      <Menu>
        <MenuButton className="text-faint hover:text-ink">Sheets</MenuButton>
        <MenuItems anchor="bottom end" modal={false} className="bg-paper border border-ink py-1 z-30">
          {FILES.map(([name, words]) => (
            <MenuItem key={name}>
              <a className="block px-3 py-1 data-focus:bg-shade" href={fileOf(store.id, name)} download>
                {words}
              </a>
            </MenuItem>
          ))}
        </MenuItems>
      </Menu>
    </TopLine>
  );
}
