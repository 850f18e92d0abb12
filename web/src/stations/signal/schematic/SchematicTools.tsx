import { FileLink } from '../../../ledger/FileLink.js';
import { addressOf } from '../../../api/client.js';
import { CARRIES_WORDS, PATTERNS, type Carries, type SchematicGraph } from '@idle-satchel/core';
import { useState, type ReactNode } from 'react';
import { useOpenEvent } from '../../../store/hooks.js';
import type { Zoom } from './use-zoom.js';

/** Find, zoom and print, and what the patterns of the lines mean. */
export function SchematicTools({
  graph,
  zoom,
  children,
}: {
  graph: SchematicGraph;
  zoom: Zoom;
  /** What else can be chosen. */
  children: ReactNode;
}) {
  const { store, ui } = useOpenEvent();
  const [text, setText] = useState('');
  const wanted = text.trim().toLowerCase();
  const hit =
    wanted === ''
      ? undefined
      : graph.boxes.find(({ label, kind }) => `${label} ${kind}`.toLowerCase().includes(wanted));
  const carried = [...new Set(graph.wires.map(({ carries }) => carries))];
  const sheet = (ending: 'pdf' | 'svg'): string =>
    addressOf(`GET /events/:id/schematic.${ending}`, { id: store.id });
  return (
    <div className="flex flex-wrap gap-x-3 gap-y-1 items-center px-3 py-1.5 border-b border-rule">
      <form
        onSubmit={event => {
          event.preventDefault();
          if (hit) ui.select(hit.id);
        }}
      >
        <input
          className="field w-40"
          aria-label="Find in the schematic"
          placeholder="Find a device"
          value={text}
          onChange={event => setText(event.target.value)}
        />
        {wanted !== '' && <span className="text-faint"> {hit ? hit.label : 'not here'}</span>}
      </form>
      <span className="flex gap-1">
        <button className="button" aria-label="Zoom out" onClick={() => zoom.zoomBy(1 / 1.3)}>
          −
        </button>
        <button className="button" aria-label="Zoom in" onClick={() => zoom.zoomBy(1.3)}>
          +
        </button>
        <button className="button" onClick={zoom.fit}>
          Whole
        </button>
      </span>
      <span className="flex gap-3 grow">
        {carried.map(carries => (
          <Pattern key={carries} carries={carries} />
        ))}
      </span>
      {children}
      <FileLink className="link" address={sheet('pdf')}>
        PDF
      </FileLink>
      <FileLink className="link" address={sheet('svg')}>
        SVG
      </FileLink>
    </div>
  );
}

function Pattern({ carries }: { carries: Carries }) {
  return (
    <span className="text-faint text-[12.5px] whitespace-nowrap">
      <svg width={26} height={8} aria-hidden className="inline">
        <line
          x2={26}
          y1={4}
          y2={4}
          stroke="var(--ink)"
          strokeWidth={1.4}
          strokeDasharray={PATTERNS[carries].join(' ')}
        />
      </svg>{' '}
      {CARRIES_WORDS[carries]}
    </span>
  );
}
