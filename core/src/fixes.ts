/** Fixes for a snag, on demand; only what was tried and works is offered. */
import { createChain } from './assess.js';
import type { Bundle } from './documents/index.js';
import { applyPatch, PatchError, type Fix, type OfferedFix, type Snag } from './foundations/index.js';
import { lossesOf } from './losses.js';

/** At most this many candidates are tried, and this many offered. */
const TRIES = 120;
const OFFERED = 5;
/** Of fixes that are of one sort, and of those that take something away. */
const OF_A_SORT = 2;
const OF_LOSSES = 3;

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
 * there that was not there before; what else comes with it is told. Those that take away what a person made or wants
 * come last. Empty for an unknown snag, or one that no edit cures.
 */
export const fixesFor = (snagId: string, bundle: Bundle): OfferedFix[] => createFixer()(snagId, bundle);

/** `fixesFor` for one snag after another: what one try worked out, the next ones use. */
export function createFixer(): (snagId: string, bundle: Bundle) => OfferedFix[] {
  const chain = createChain();
  return (snagId, bundle) => offersOf(snagId, bundle, chain);
}

function offersOf(snagId: string, bundle: Bundle, chain: ReturnType<typeof createChain>): OfferedFix[] {
  const { snags, visits } = chain(bundle);
  const snag = snags.find(each => each.id === snagId);
  const visit = snag && visits[snag.station];
  const rule = visit?.rules.find(each => each.rule === snag?.rule);
  if (!snag || !rule?.fixes) return [];
  const stops = new Set(snags.filter(each => each.severity === 'stop').map(each => each.id));
  const known = new Set(snags.map(({ id }) => id));
  const offered: OfferedFix[] = [];
  const ofSort = new Map<string, number>();
  let tries = 0;
  for (const fix of rule.fixes(snag, visit?.input as never)) {
    if (offered.length === OFFERED || tries === TRIES) break;
    const sort = ofSort.get(fix.way ?? '') ?? 0;
    if (fix.way !== undefined && sort === OF_A_SORT) continue;
    let after: readonly Snag[];
    let loses: readonly string[];
    try {
      const fixed = applyFix(bundle, fix);
      loses = lossesOf(bundle, fixed);
      if (loses.length > 0 && offered.filter(each => each.loses.length > 0).length === OF_LOSSES) continue;
      tries++;
      after = chain(fixed).snags;
    } catch (error) {
      // A candidate that does not fit the documents is none; anything else is a fault of ours.
      if (error instanceof PatchError) continue;
      throw error;
    }
    const cured = after.every(each => each.id !== snagId);
    const harmless = after.every(each => each.severity !== 'stop' || stops.has(each.id));
    if (!cured || !harmless) continue;
    ofSort.set(fix.way ?? '', sort + 1);
    const still = new Set(after.map(({ id }) => id));
    offered.push({
      label: fix.label,
      changes: fix.changes,
      loses,
      costs: after.filter(({ id }) => !known.has(id)).map(({ title }) => title),
      cures: snags.filter(({ id }) => id !== snagId && !still.has(id)).length,
    });
  }
  return offered.sort((a, b) => Number(a.loses.length > 0) - Number(b.loses.length > 0));
}
