/** A search that runs in a worker when somebody asks: what it found, and for which bundle. */
import { sameJson, type Bundle } from '@idle-satchel/core';
import type { Found } from '@idle-satchel/core/searches';
import { useMemo, useState } from 'react';
import { useEvent, useStore } from '../store/hooks.js';
import { searched } from './search.js';
import type { AnswerOf, OptionsOf, SearchName } from './search.worker.js';
import { messageOf } from '../api/client.js';

export interface Asked<Answer> {
  /** Undefined until it was asked, and after it was put away. */
  readonly found: Found<Answer> | undefined;
  /** It is a first answer, and a better one is looked for. */
  readonly first: boolean;
  /** What was found is of what is there now. */
  readonly fresh: boolean;
  readonly busy: boolean;
  /** Why it could not be worked out; empty when it could. */
  readonly problem: string;
  readonly look: () => void;
  readonly putAway: () => void;
}

/**
 * `reads`: what of an event the answer depends on. Saving gives that anew, and the same: it stays fresh. `atOnce`: how a
 * first answer is found, which is shown until there is the one that was asked for.
 */
export function useAsked<Name extends SearchName>(
  name: Name,
  options: OptionsOf<Name>,
  reads: (bundle: Bundle) => readonly unknown[],
  atOnce?: OptionsOf<Name>,
): Asked<AnswerOf<Name>> {
  const store = useStore();
  const bundle = useEvent(state => state.bundle);
  const [found, setFound] = useState<
    Found<AnswerOf<Name>> & { readonly of: Bundle; readonly first: boolean }
  >();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const look = async (): Promise<void> => {
    setBusy(true);
    setProblem('');
    const of = store.get().bundle;
    try {
      if (atOnce) setFound({ of, first: true, ...(await searched(name, of, atOnce)) });
      setFound({ of, first: false, ...(await searched(name, of, options)) });
    } catch (error) {
      setProblem(messageOf(error));
    }
    setBusy(false);
  };
  const fresh = useMemo(
    () => found !== undefined && sameJson(reads(found.of), reads(bundle)),
    [found, bundle, reads],
  );
  const first = busy && found?.first === true;
  return { found, first, fresh, busy, problem, look: () => void look(), putAway: () => setFound(undefined) };
}
