/** Edits measured by the table of roles: what somebody may not change, and what they do not see of what they change. */
import { PatchError, type Operation } from '@idle-satchel/core';
import {
  forbiddenChange,
  forbiddenTarget,
  foreignSignature,
  hiddenFrom,
  hiddenReached,
  may,
  patchKeepingHidden,
  seesAll,
} from '@idle-satchel/core/access';
import type { DocumentKind } from '@idle-satchel/core/api';
import type { Plan } from '@idle-satchel/core/documents';
import type { Scope } from '../../database/scope.js';
import { forbidden, refuseUnseenEvent } from '../../gate/allow.js';
import { invalid } from '../../problem.js';
import { patchAsSeen } from '../documents/reading.js';
import type { Newest } from './newest.js';

/** A patch so that it leaves what whoever sent it does not see as it is. 403 where it reaches for that. */
export function fittedPatch(
  { viewer: { role } }: Scope,
  { kind, body }: Newest,
  patch: readonly Operation[],
  index: number,
): readonly Operation[] {
  if (seesAll(role, kind)) return patch;
  const hidden = hiddenFrom(role, kind);
  try {
    const reached = hiddenReached(patch, hidden);
    if (reached !== undefined) throw notYours(reached);
    return patchKeepingHidden(body, patch, hidden);
  } catch (error) {
    if (!(error instanceof PatchError || error instanceof SyntaxError)) throw error;
    const at = error instanceof PatchError ? error.index : 0;
    throw invalid([{ path: `/changes/${index}/patch/${at}`, reason: error.message }]);
  }
}

/** The patch back, without what whoever made the edit does not see. */
export const inverseAsSeen = (
  scope: Scope,
  kind: DocumentKind,
  inverse: readonly Operation[],
): readonly Operation[] => patchAsSeen(scope, kind, inverse) ?? [];

/**
 * 403 for a change that is not somebody's to make, 404 for one of an event that they do not see. What an event says of
 * its venue counts as said of the venue; what is not an event is changed by those who see every one.
 */
export async function refuseForbidden(
  scope: Scope,
  before: Newest,
  patch: readonly Operation[],
  after: object,
): Promise<void> {
  const { role } = scope.viewer;
  if (role === 'owner') return;
  const { id, kind } = before;
  if (kind === 'plan') await refuseUnseenEvent(scope, id);
  const path =
    forbiddenTarget(role, kind, kind === 'plan' ? patch.filter(isOfPlan) : patch) ??
    forbiddenPath(scope, kind, before.body, after);
  if (path !== undefined) throw notYours(path);
}

/** 403 for what somebody signs in a plan with a name that is not theirs. A demo takes whichever they say. */
export function refuseForeignSignature({ actor }: Scope, before: Newest, after: object): void {
  if (actor.name === undefined || before.kind !== 'plan') return;
  const path = foreignSignature(before.body, after, actor.name);
  if (path !== undefined) throw forbidden(`${path} is signed with another name than yours`);
}

const notYours = (path: string) => forbidden(`${path || 'The whole'} is not yours to change`);

/** What an event says of its venue is looked at by what it says. */
const isOfPlan = ({ path }: Operation): boolean => !/^\/venueChanges(\/|$)/.test(path);

function forbiddenPath(
  { viewer: { role } }: Scope,
  kind: DocumentKind,
  before: object,
  after: object,
): string | undefined {
  if (kind !== 'plan') {
    // Readings at a venue are noted in the event at which they are taken.
    return role === 'planner' ? forbiddenChange(role, kind, before, after) : '';
  }
  const { venueChanges: was = {}, ...plan } = before as Plan;
  const { venueChanges: is = {}, ...next } = after as Plan;
  return (
    forbiddenChange(role, 'plan', plan, next) ??
    [...new Set([...Object.keys(was), ...Object.keys(is)])].find(key => {
      if (was[key] === is[key]) return false;
      return [was[key], is[key]].some(
        change => change && !may(role, 'change', { document: 'venue', path: change.path }),
      );
    })
  );
}
