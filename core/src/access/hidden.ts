/** What of a document a role does not see: taken out of bodies and patches on the way to them, kept on the way back. */
import {
  applyPatch,
  parsePointer,
  pointerOf,
  valueAt,
  type Json,
  type Operation,
} from '../foundations/index.js';
import { may, pathsToldApart, type Pathed, type Role } from './roles.js';

/** Hidden places by the keys that lead there; `*` is any key. */
interface Branch {
  readonly hidden: boolean;
  readonly further: ReadonlyMap<string, Branch>;
}

interface Growing {
  hidden: boolean;
  readonly further: Map<string, Growing>;
}

function treeOf(document: Pathed, role: Role): Branch {
  const root: Growing = { hidden: false, further: new Map() };
  for (const path of pathsToldApart(document)) {
    if (may(role, 'read', { document, path })) continue;
    let branch = root;
    for (const key of parsePointer(path)) {
      const next = branch.further.get(key) ?? { hidden: false, further: new Map() };
      branch.further.set(key, next);
      branch = next;
    }
    branch.hidden = true;
  }
  return root;
}

const trees = new Map<string, Branch>();

/** What is hidden of a sort of document from a role. */
export function hiddenFrom(role: Role, document: Pathed): Branch {
  const key = `${document} ${role}`;
  const tree = trees.get(key) ?? treeOf(document, role);
  trees.set(key, tree);
  return tree;
}

/** Whether a role sees all of a sort of document. */
export const seesAll = (role: Role, document: Pathed): boolean => isClear(hiddenFrom(role, document));

const isClear = ({ hidden, further }: Branch): boolean => !hidden && further.size === 0;
const CLEAR: Branch = { hidden: false, further: new Map() };

const branchAt = ({ further }: Branch, key: string): Branch => further.get(key) ?? further.get('*') ?? CLEAR;

const isRecord = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** A value without what is hidden; what has nothing hidden in it keeps its identity. Undefined where all of it is. */
export function withoutHidden<T>(value: T, branch: Branch): T {
  if (branch.hidden) return undefined as T;
  if (branch.further.size === 0 || !isRecord(value)) return value;
  let changed = false;
  const seen: Record<string, unknown> = {};
  for (const [key, each] of Object.entries(value)) {
    const shown = withoutHidden(each, branchAt(branch, key));
    if (shown !== each) changed = true;
    if (shown !== undefined) seen[key] = shown;
  }
  return changed ? (seen as T) : value;
}

/** The branch at a path; hidden where something on the way there is. */
function branchAlong(tree: Branch, path: string): Branch {
  let branch = tree;
  for (const key of parsePointer(path)) {
    if (branch.hidden) return branch;
    branch = branchAt(branch, key);
  }
  return branch;
}

/** A patch without what is hidden. Undefined where it moves hidden things about, and cannot be told without them. */
export function patchWithoutHidden(patch: readonly Operation[], tree: Branch): Operation[] | undefined {
  const seen: Operation[] = [];
  for (const operation of patch) {
    const branch = branchAlong(tree, operation.path);
    if ('from' in operation) {
      if (!isClear(branch) || !isClear(branchAlong(tree, operation.from))) return undefined;
      seen.push(operation);
    } else if (branch.hidden || (operation.op === 'test' && !isClear(branch))) continue;
    else if ('value' in operation) {
      seen.push({ ...operation, value: withoutHidden(operation.value, branch) });
    } else seen.push(operation);
  }
  return seen;
}

/**
 * The first path of a patch that reaches for what is hidden, or undefined: to write there, to move it, or to ask by a test
 * what stands there. Whoever does not see a value is not told whether it is the one they guess, either.
 */
export function hiddenReached(patch: readonly Operation[], tree: Branch): string | undefined {
  for (const operation of patch) {
    const { path } = operation;
    const branch = branchAlong(tree, path);
    if (branch.hidden || (operation.op === 'test' && !isClear(branch))) return path;
    if ('from' in operation && !isClear(branchAlong(tree, operation.from))) return operation.from;
    const inside = 'value' in operation ? hiddenIn(operation.value, branch) : undefined;
    if (inside !== undefined) return path + inside;
  }
  return undefined;
}

/** Where a value has something in a hidden place. */
function hiddenIn(value: Json, branch: Branch): string | undefined {
  if (branch.hidden) return '';
  if (branch.further.size === 0 || !isRecord(value)) return undefined;
  for (const [key, each] of Object.entries(value as Record<string, Json>)) {
    const inside = hiddenIn(each, branchAt(branch, key));
    if (inside !== undefined) return pointerOf(key) + inside;
  }
  return undefined;
}

/**
 * A patch by somebody who does not see all, so that it leaves what they do not see as it is: where it puts a whole
 * record in the place of one, what is hidden of that stays in it.
 */
export function patchKeepingHidden<T>(body: T, patch: readonly Operation[], tree: Branch): Operation[] {
  let current = body;
  return patch.map(operation => {
    const branch = branchAlong(tree, operation.path);
    const kept =
      'value' in operation && operation.op !== 'test' && !branch.hidden
        ? {
            ...operation,
            value: withHidden(operation.value, valueAt(current, operation.path) as Json | undefined, branch),
          }
        : operation;
    current = applyPatch(current, [kept]);
    return kept;
  });
}

/** A value with what is hidden of the one whose place it takes. */
function withHidden(value: Json, before: Json | undefined, branch: Branch): Json {
  if (branch.further.size === 0 || !isRecord(value) || !isRecord(before)) return value;
  const filled: Record<string, Json> = { ...(value as Record<string, Json>) };
  for (const [key, was] of Object.entries(before as Record<string, Json>)) {
    const further = branchAt(branch, key);
    if (further.hidden) filled[key] = was;
    else if (Object.hasOwn(filled, key)) filled[key] = withHidden(filled[key] as Json, was, further);
  }
  return filled;
}
