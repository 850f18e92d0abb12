/** Something that is worked out in a worker when somebody asks: what came of it, and for which bundle. */
import type { Bundle } from '@idle-satchel/core';
import { useState } from 'react';
import { useStore } from '../store/hooks.js';

export interface Asked<T> {
  /** Undefined until it was asked, and after it was put away. */
  readonly found: { readonly of: Bundle; readonly answer: T } | undefined;
  readonly busy: boolean;
  /** Why it could not be worked out; empty when it could. */
  readonly problem: string;
  readonly look: () => void;
  readonly putAway: () => void;
}

export function useAsked<T>(ask: (bundle: Bundle) => Promise<T>): Asked<T> {
  const store = useStore();
  const [found, setFound] = useState<Asked<T>['found']>();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const look = async (): Promise<void> => {
    setBusy(true);
    setProblem('');
    const of = store.get().bundle;
    try {
      setFound({ of, answer: await ask(of) });
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  };
  return { found, busy, problem, look: () => void look(), putAway: () => setFound(undefined) };
}
