/** Roles, what each may do, and what each sees. */
export { forbiddenChange, forbiddenTarget, foreignSignature } from './changes.js';
export {
  hiddenFrom,
  hiddenReached,
  patchKeepingHidden,
  patchWithoutHidden,
  seesAll,
  withoutHidden,
} from './hidden.js';
export * from './lasting.js';
export {
  may,
  mayFurtherIn,
  PATHED,
  pathsToldApart,
  RESOURCES,
  ROLE_WORDS,
  ROLES,
  MEMBER_ROLES,
  type Action,
  type MemberRole,
  type Pathed,
  type Place,
  type Resource,
  type Role,
  type Thing,
} from './roles.js';
export { SOMEBODY } from '../documents/without-names.js';
export { bundleSeenBy, seenBy, seesEvent, seesEveryEvent, servingAt, type Viewer } from './views.js';
export { eraserOf, type Eraser } from './erase.js';
