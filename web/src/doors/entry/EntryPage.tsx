import type { ReactNode } from 'react';
import { toggleBlackout, useBlackout } from '../../ui/blackout.js';
import { usePageTitle } from '../../ui/page-title.js';

/** A page before the doors: one thing to do, in the middle of it. */
export function EntryPage({ title, children }: { title: string; children: ReactNode }) {
  usePageTitle(title);
  const blackout = useBlackout();
  return (
    <div className="h-full overflow-auto grid place-items-center p-4">
      <main className="w-full max-w-md border border-ink bg-paper px-6 py-5">
        <p className="flex">
          <span className="font-tape font-semibold text-[17px] tracking-wide text-faint grow">
            Idle Satchel
          </span>
          <button className="text-faint hover:text-ink" aria-pressed={blackout} onClick={toggleBlackout}>
            {blackout ? 'Lights up' : 'Blackout'}
          </button>
        </p>
        <h1 className="mb-3">{title}</h1>
        {children}
      </main>
    </div>
  );
}
