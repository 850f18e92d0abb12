import { formatCard, inputList, patchList, type Assessment, type Plan, type Sheet } from '@idle-satchel/core';
import { useState } from 'react';
import { SheetTable } from '../../ledger/SheetTable.js';
import { useEvent, useStore } from '../../store/hooks.js';
import { layoutEngine } from '../../workers/layout-engine.js';
import { Schematic } from './schematic/Schematic.js';

const LISTS: Readonly<
  Record<string, { words: string; make: (plan: Plan, assessment: Assessment) => Sheet }>
> = {
  'input-list': { words: 'Input list', make: inputList },
  'patch-list': { words: 'Patch list', make: patchList },
  'format-card': { words: 'Format card', make: formatCard },
};

// It takes its time to come, so it is sent for before there is anything to draw.
void layoutEngine();

/** The bench of Signal: the schematic, or one of the lists that come out of it. */
export function SignalBench() {
  const [shown, setShown] = useState('schematic');
  const tab = (name: string, words: string) => (
    <button
      key={name}
      role="tab"
      aria-selected={name === shown}
      className={`py-1 border-b-2 ${name === shown ? 'border-brass' : 'border-transparent text-faint'}`}
      onClick={() => setShown(name)}
    >
      {words}
    </button>
  );
  return (
    <div className="grid grid-rows-[auto_minmax(0,1fr)] min-h-0 h-full">
      <div className="flex gap-4 px-4 border-b border-rule" role="tablist" aria-label="What is shown">
        {tab('schematic', 'Schematic')}
        {Object.entries(LISTS).map(([name, { words }]) => tab(name, words))}
      </div>
      {shown === 'schematic' ? <Schematic /> : <List name={shown} />}
    </div>
  );
}

function List({ name }: { name: string }) {
  const store = useStore();
  const plan = useEvent(({ bundle }) => bundle.plan);
  const assessment = useEvent(state => state.assessment);
  const list = LISTS[name];
  return list ? (
    <SheetTable sheet={list.make(plan, assessment)} address={`/api/v1/events/${store.id}/${name}`} />
  ) : null;
}
