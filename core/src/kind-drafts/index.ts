export { EMPTY_CABLE, type CableDraft } from './cable.js';
export { draftOf, EMPTY_PORT, INSIDE_NUMBERS, kindFrom, type KindDraft, type PortDraft } from './draft.js';
export { alikeRuns, likeOf, type AlikeRun } from './alike.js';
