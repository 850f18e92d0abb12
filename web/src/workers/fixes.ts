/** Fixes of a snag, from the worker; asked for once the plan has been still for a moment. */
import type { Bundle, OfferedFix } from '@idle-satchel/core';
import { useEffect, useState } from 'react';
import { useEvent } from '../store/hooks.js';
import type { FixSearch } from './fixes.worker.js';
import type { RemoteWorker } from './remote.js';

let search: Promise<RemoteWorker<FixSearch>> | undefined;
let known: Bundle | undefined;
const found = new WeakMap<Bundle, Map<string, Promise<OfferedFix[]>>>();

function ask(bundle: Bundle, snag: string): Promise<OfferedFix[]> {
  const ofBundle = found.get(bundle) ?? new Map<string, Promise<OfferedFix[]>>();
  found.set(bundle, ofBundle);
  let answer = ofBundle.get(snag);
  if (!answer) {
    search ??= begun();
    const fresh = known !== bundle;
    known = bundle;
    answer = search.then(worker =>
      worker.ask(async each => {
        if (fresh) await each.setBundle(bundle);
        return each.fixesFor(snag);
      }),
    );
    ofBundle.set(snag, answer);
    // A failure is no answer for whoever asks next.
    answer.catch(() => {
      ofBundle.delete(snag);
      forget();
    });
  }
  return answer;
}

function forget(): void {
  search = undefined;
  known = undefined;
}

async function begun(): Promise<RemoteWorker<FixSearch>> {
  const { remoteWorker } = await import('./remote.js');
  const worker = new Worker(new URL('./fixes.worker.ts', import.meta.url), { type: 'module' });
  return remoteWorker<FixSearch>(worker, forget);
}

const STILL_MS = 250;

/** Undefined while they are being looked for. */
export function useFixes(snag: string | undefined): readonly OfferedFix[] | undefined {
  const bundle = useEvent(state => state.bundle);
  const [answer, setAnswer] = useState<{ bundle: Bundle; snag: string; fixes: readonly OfferedFix[] }>();
  useEffect(() => {
    if (snag === undefined) return;
    let wanted = true;
    const timer = setTimeout(() => {
      ask(bundle, snag).then(
        fixes => wanted && setAnswer({ bundle, snag, fixes }),
        // Without its worker there are none to offer.
        () => wanted && setAnswer({ bundle, snag, fixes: [] }),
      );
    }, STILL_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [bundle, snag]);
  return answer?.bundle === bundle && answer.snag === snag ? answer.fixes : undefined;
}

/** The first fix of each snag that takes nothing away; null where there is none, absent while it is looked for. */
type FirstFixes = ReadonlyMap<string, OfferedFix | null>;

/** What takes something away is chosen by hand from a list, where it says what. */
export const firstHarmless = (fixes: readonly OfferedFix[]): OfferedFix | undefined =>
  fixes.find(({ loses }) => loses.length === 0);

/** The first fix of each of some snags, one after the other; where `once`, no further than to the first that has one. */
export function useFirstFixes(ids: readonly string[], once = false): FirstFixes {
  const bundle = useEvent(state => state.bundle);
  const [answer, setAnswer] = useState<{ bundle: Bundle; of: FirstFixes }>();
  // Ids of roles have spaces in them.
  const asked = ids.join('\n');
  useEffect(() => {
    let wanted = true;
    const look = async (): Promise<void> => {
      const of = new Map<string, OfferedFix | null>();
      for (const id of asked === '' ? [] : asked.split('\n')) {
        const first = firstHarmless(await ask(bundle, id).catch(() => []));
        if (!wanted) return;
        of.set(id, first ?? null);
        setAnswer({ bundle, of: new Map(of) });
        if (once && first) return;
      }
    };
    const timer = setTimeout(() => void look(), STILL_MS);
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [bundle, asked, once]);
  return answer?.bundle === bundle ? answer.of : NONE;
}

const NONE: FirstFixes = new Map();
