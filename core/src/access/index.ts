/** Roles, what each may do, and what each sees. */
export { forbiddenChange } from './changes.js';
export { hiddenFrom, patchKeepingHidden, patchWithoutHidden, seesAll, withoutHidden } from './hidden.js';
export {
  may,
  mayFurtherIn,
  PATHED,
  pathsToldApart,
  RESOURCES,
  ROLE_WORDS,
  ROLES,
  type Action,
  type Pathed,
  type Place,
  type Resource,
  type Role,
  type Thing,
} from './roles.js';
export { bundleSeenBy, seenBy, seesEvent, servingAt, type Viewer } from './views.js';
