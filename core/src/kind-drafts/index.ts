export { draftOf, EMPTY_PORT, INSIDE_NUMBERS, kindFrom, type KindDraft, type PortDraft } from './draft.js';
