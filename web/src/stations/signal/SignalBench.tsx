import type { SheetName } from '@idle-satchel/core/api';
import { formatCard, inputList, patchList, type Assessment, type Plan, type Sheet } from '@idle-satchel/core';
import { useState } from 'react';
import { SheetTable } from '../../ledger/SheetTable.js';
import { useEvent } from '../../store/hooks.js';
import { layoutEngine } from '../../workers/layout-engine.js';
import { Schematic } from './schematic/Schematic.js';

interface List {
  readonly words: string;
  readonly make: (plan: Plan, assessment: Assessment) => Sheet;
}

const LISTS = {
  'input-list': { words: 'Input list', make: inputList },
  'patch-list': { words: 'Patch list', make: patchList },
  'format-card': { words: 'Format card', make: formatCard },
} as const satisfies Partial<Record<SheetName, List>>;
type ListName = keyof typeof LISTS;

// It takes its time to come, so it is sent for before there is anything to draw.
void layoutEngine();

/** The bench of Signal: the schematic, or one of the lists that come out of it. */
export function SignalBench() {
  const [shown, setShown] = useState<'schematic' | ListName>('schematic');
  const tab = (name: 'schematic' | ListName, words: string) => (
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
        {(Object.keys(LISTS) as ListName[]).map(name => tab(name, LISTS[name].words))}
      </div>
      {shown === 'schematic' ? <Schematic /> : <ListShown name={shown} />}
    </div>
  );
}

function ListShown({ name }: { name: ListName }) {
  const plan = useEvent(({ bundle }) => bundle.plan);
  const assessment = useEvent(state => state.assessment);
  return <SheetTable sheet={LISTS[name].make(plan, assessment)} name={name} />;
}
