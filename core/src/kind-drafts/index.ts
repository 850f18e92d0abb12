export {
  draftOf,
  EMPTY_CABLE,
  EMPTY_PORT,
  INSIDE_NUMBERS,
  kindFrom,
  type CableDraft,
  type KindDraft,
  type PortDraft,
} from './draft.js';
