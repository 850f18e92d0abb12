/** Which figures an open snag points at, and how bad it is: the ledger marks those lines. */
import type { Figure, Severity, Snag } from '@idle-satchel/core';
import { useEvent } from '../store/hooks.js';

const RANK: Readonly<Record<Severity, number>> = { stop: 2, risk: 1, note: 0 };

type Flag = 'stop' | 'risk' | undefined;

/** Those of the snags that were asked about last: every line of a ledger asks about the same. */
let last: { readonly snags: readonly Snag[]; readonly worst: ReadonlyMap<string, Severity> } | undefined;

function flagAt(snags: readonly Snag[], path: string): Flag {
  if (last?.snags !== snags) {
    const worst = new Map<string, Severity>();
    for (const { because, severity } of snags) {
      for (const each of because)
        if (RANK[severity] > RANK[worst.get(each) ?? 'note']) worst.set(each, severity);
    }
    last = { snags, worst };
  }
  const severity = last.worst.get(path);
  return severity === 'note' ? undefined : severity;
}

/** The flag of one figure. */
export const useFlag = (path: string): Flag => useEvent(({ assessment }) => flagAt(assessment.snags, path));

/** The flags of many figures. */
export function useFlags(): (figure: Figure) => Flag {
  const snags = useEvent(({ assessment }) => assessment.snags);
  return ({ path }) => flagAt(snags, path);
}
