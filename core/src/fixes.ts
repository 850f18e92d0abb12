/** Fixes for a snag, on demand; only what was tried and works is offered. */
import { createChain } from './assess.js';
import type { Bundle } from './documents/index.js';
import { applyPatch, type Fix, type Rule, type Snag } from './foundations/index.js';

/** At most this many candidates are tried, and this many offered. */
const TRIES = 60;
const OFFERED = 4;

/** The bundle after a fix. Throws `PatchError` when it does not fit. */
export function applyFix(bundle: Bundle, fix: Pick<Fix, 'changes'>): Bundle {
  let next = bundle;
  for (const { document, patch } of fix.changes) {
    next = { ...next, [document]: applyPatch(next[document], patch) };
  }
  return next;
}

/**
 * Fixes of a snag, best first. Each one was applied to a copy and assessed: the snag is gone and no stop is
 * there that was not there before. Empty for an unknown snag, or one that no edit cures.
 */
export function fixesFor(snagId: string, bundle: Bundle): Fix[] {
  const chain = createChain();
  const { snags, visits } = chain(bundle);
  const snag = snags.find(each => each.id === snagId);
  const visit = snag && visits[snag.station];
  const rule = visit?.station.rules.find((each: Rule<never>) => each.rule === snag?.rule);
  if (!snag || !rule?.fixes) return [];
  const stops = new Set(snags.filter(each => each.severity === 'stop').map(each => each.id));
  const offered: Fix[] = [];
  let tries = 0;
  for (const fix of rule.fixes(snag, visit?.input as never)) {
    if (offered.length === OFFERED || tries++ === TRIES) break;
    let after: readonly Snag[];
    try {
      after = chain(applyFix(bundle, fix)).snags;
    } catch {
      continue;
    }
    const cured = after.every(each => each.id !== snagId);
    const harmless = after.every(each => each.severity !== 'stop' || stops.has(each.id));
    if (cured && harmless) offered.push({ label: fix.label, changes: fix.changes });
  }
  return offered;
}
