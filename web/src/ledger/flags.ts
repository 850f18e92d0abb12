/** Which figures an open snag points at, and how bad it is: the ledger marks those lines. */
import type { Severity } from '@idle-satchel/core';
import { useMemo } from 'react';
import { useEvent } from '../store/hooks.js';

const RANK: Readonly<Record<Severity, number>> = { stop: 2, risk: 1, note: 0 };

export function useFlags(): (path: string) => 'stop' | 'risk' | undefined {
  const snags = useEvent(state => state.assessment.snags);
  const flags = useMemo(() => {
    const worst = new Map<string, Severity>();
    for (const { because, severity } of snags) {
      for (const path of because)
        if (RANK[severity] > RANK[worst.get(path) ?? 'note']) worst.set(path, severity);
    }
    return worst;
  }, [snags]);
  return path => {
    const severity = flags.get(path);
    return severity === 'note' ? undefined : severity;
  };
}
