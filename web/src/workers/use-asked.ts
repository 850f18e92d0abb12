/** A search that runs in a worker when somebody asks: what it found, and for which bundle. */
import type { Bundle } from '@idle-satchel/core';
import type { Found } from '@idle-satchel/core/searches';
import { useState } from 'react';
import { useStore } from '../store/hooks.js';
import { searched } from './search.js';
import type { AnswerOf, OptionsOf, SearchName } from './search.worker.js';
import { messageOf } from '../api/client.js';

export interface Asked<Answer> {
  /** Undefined until it was asked, and after it was put away. */
  readonly found: (Found<Answer> & { readonly of: Bundle }) | undefined;
  readonly busy: boolean;
  /** Why it could not be worked out; empty when it could. */
  readonly problem: string;
  readonly look: () => void;
  readonly putAway: () => void;
}

export function useAsked<Name extends SearchName>(
  name: Name,
  options: OptionsOf<Name>,
): Asked<AnswerOf<Name>> {
  const store = useStore();
  const [found, setFound] = useState<Asked<AnswerOf<Name>>['found']>();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const look = async (): Promise<void> => {
    setBusy(true);
    setProblem('');
    const of = store.get().bundle;
    try {
      setFound({ of, ...(await searched(name, of, options)) });
    } catch (error) {
      setProblem(messageOf(error));
    }
    setBusy(false);
  };
  return { found, busy, problem, look: () => void look(), putAway: () => setFound(undefined) };
}
