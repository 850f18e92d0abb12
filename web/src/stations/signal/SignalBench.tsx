import { Suspense, useState } from 'react';
import { fetched } from '../../ui/fetched.js';
import { layoutEngine } from '../../workers/layout-engine.js';
import { LIST_WORDS, type ListName } from './list-words.js';
import { Schematic } from './schematic/Schematic.js';

const SignalList = fetched(() => import('./SignalList.js'));

// It takes its time to come, so it is sent for before there is anything to draw.
layoutEngine().catch(() => undefined);

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
        {(Object.keys(LIST_WORDS) as ListName[]).map(name => tab(name, LIST_WORDS[name]))}
      </div>
      {shown === 'schematic' ? (
        <Schematic />
      ) : (
        <Suspense>
          <SignalList name={shown} />
        </Suspense>
      )}
    </div>
  );
}
