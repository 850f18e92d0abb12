import {
  Menu,
  MenuButton,
  MenuItem,
  MenuItems,
  Popover,
  PopoverButton,
  PopoverPanel,
} from '@headlessui/react';
import { cornersNeeded, FRESH, GROUPS, parseLength, type FreshName, type Group } from '@idle-satchel/core';
import { Image as ImageIcon, Layers, PencilRuler, Ruler } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { useOpenEvent, useReading, useUi } from '../../store/hooks.js';
import type { Drawing } from './use-drawing.js';

const TraceDialog = lazy(() => import('./TraceDialog.js'));

/** Above the plan on Ground: what can be drawn, the measure, what is lit; or how to go on with the tool in hand. */
export function DraftingBar({ drawing }: { drawing: Drawing | undefined }) {
  const { ui } = useOpenEvent();
  const [tracing, setTracing] = useState(false);
  if (drawing) return <ToolInHand drawing={drawing} />;
  return (
    <>
      <Menu>
        <MenuButton className="button bg-paper flex items-center gap-1.5">
          <PencilRuler size={15} aria-hidden /> Draw
        </MenuButton>
        <MenuItems
          anchor="bottom end"
          modal={false}
          className="bg-paper border border-ink py-1 z-30 grid grid-cols-2 max-h-[70vh] overflow-auto"
        >
          {Object.entries(FRESH).map(([name, { words }]) => (
            <MenuItem key={name}>
              <button
                className="block text-left px-3 py-1 data-focus:bg-shade"
                onClick={() => ui.set({ tool: { kind: 'draw', name: name as FreshName, corners: [] } })}
              >
                {words}
              </button>
            </MenuItem>
          ))}
        </MenuItems>
      </Menu>
      <button
        className="button bg-paper flex items-center gap-1.5"
        onClick={() => ui.set({ tool: { kind: 'measure', ends: [] } })}
      >
        <Ruler size={15} aria-hidden /> Measure
      </button>
      <button className="button bg-paper flex items-center gap-1.5" onClick={() => setTracing(true)}>
        <ImageIcon size={15} aria-hidden /> Trace
      </button>
      {tracing && (
        <Suspense>
          <TraceDialog onClose={() => setTracing(false)} />
        </Suspense>
      )}
      <Popover>
        <PopoverButton className="button bg-paper flex items-center gap-1.5">
          <Layers size={15} aria-hidden /> Layers
        </PopoverButton>
        <PopoverPanel anchor="bottom end" className="bg-paper border border-ink px-3 py-2 z-30">
          <LayerChecks />
        </PopoverPanel>
      </Popover>
    </>
  );
}

/** Which groups are lit; the others stay as faint ink. */
function LayerChecks() {
  const { ui } = useOpenEvent();
  const faint = useUi(state => state.faint);
  const toggle = (group: string): void => {
    const next = new Set(faint);
    if (!next.delete(group)) next.add(group);
    ui.set({ faint: next });
  };
  return (
    <fieldset className="grid gap-0.5">
      <legend className="text-faint text-[13px]">Lit</legend>
      {(Object.keys(GROUPS) as Group[]).map(group => (
        <label key={group} className="flex gap-2">
          <input type="checkbox" checked={!faint.has(group)} onChange={() => toggle(group)} />
          {GROUPS[group]}
        </label>
      ))}
    </fieldset>
  );
}

/** Directions one can type a side in: most walls are square to the page. */
const DIRECTIONS = [
  ['0', 'east'],
  ['90', 'south'],
  ['180', 'west'],
  ['270', 'north'],
] as const;

function ToolInHand({ drawing: { tool, typed, finish, cancel } }: { drawing: Drawing }) {
  const reading = useReading();
  const [length, setLength] = useState('');
  const [direction, setDirection] = useState('0');
  const [fault, setFault] = useState(false);
  const drawn = tool.kind === 'draw' ? tool.corners : tool.ends;
  const corners = tool.kind === 'draw' ? cornersNeeded(tool.name) : 2;
  const add = (): void => {
    const metres = drawn.length === 0 ? 0 : parseLength(length, reading.system);
    setFault(metres === undefined || (drawn.length > 0 && metres <= 0));
    if (metres === undefined || (drawn.length > 0 && metres <= 0)) return;
    typed(metres, Number(direction));
    setLength('');
  };
  const says =
    tool.kind === 'measure'
      ? 'Measure: click two points'
      : corners === 0
        ? `Put down: ${FRESH[tool.name].words}`
        : `Draw ${FRESH[tool.name].words}: ${corners === 2 ? 'pull from end to end, or click its ends' : 'pull a rectangle, or click its corners'}`;
  return (
    <form
      className="flex flex-wrap items-center gap-2 bg-paper border border-ink px-2 py-1"
      aria-label="Drawing"
      onSubmit={event => {
        event.preventDefault();
        add();
      }}
    >
      <span>{says}</span>
      {drawn.length > 0 && tool.kind === 'draw' && (
        <>
          <input
            className="field w-20 text-right"
            aria-label="Length of this side"
            aria-invalid={fault}
            placeholder="length"
            value={length}
            onChange={event => setLength(event.target.value)}
          />
          <select
            className="field"
            aria-label="Direction of this side"
            value={direction}
            onChange={event => setDirection(event.target.value)}
          >
            {DIRECTIONS.map(([degrees, words]) => (
              <option key={degrees} value={degrees}>
                {words}
              </option>
            ))}
          </select>
        </>
      )}
      {tool.kind === 'draw' && (
        <button className="button">
          {corners === 0 ? 'Put it here' : drawn.length === 0 ? 'Start here' : 'Add'}
        </button>
      )}
      {tool.kind === 'draw' && corners > 0 && drawn.length >= corners && (
        <button type="button" className="button button-main" onClick={finish}>
          Finish
        </button>
      )}
      <button type="button" className="link" onClick={cancel}>
        {tool.kind === 'measure' ? 'Done' : 'Cancel'}
      </button>
    </form>
  );
}
