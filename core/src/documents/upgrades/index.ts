/** Upgrades of bundle files, one function per version step: n → n + 1. */
import { BUNDLE_FORMAT } from '../bundle.js';
import type { Fault } from '../validate.js';

type Upgrade = (file: Record<string, unknown>) => Record<string, unknown>;

/** `UPGRADES[n]` leads from version n to n + 1. Version 1 is the first. */
const UPGRADES: Readonly<Record<number, Upgrade>> = {};
const NEWEST = 1;

/** The file at the newest version, or why it cannot be read. */
export function upgradeBundle(raw: unknown): { file: unknown } | { faults: Fault[] } {
  const refuse = (path: string, reason: string): { faults: Fault[] } => ({ faults: [{ path, reason }] });
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw)) return refuse('', 'must be an object');
  let file = raw as Record<string, unknown>;
  if (file.format !== BUNDLE_FORMAT) return refuse('/format', `must be “${BUNDLE_FORMAT}”`);
  const version = file.version;
  if (!Number.isInteger(version) || Number(version) < 1)
    return refuse('/version', 'must be a whole number from 1');
  if (Number(version) > NEWEST) {
    return refuse('/version', `is ${Number(version)}; this program reads up to version ${NEWEST}`);
  }
  for (let step = Number(version); step < NEWEST; step++) file = UPGRADES[step]?.(file) ?? file;
  return { file };
}
