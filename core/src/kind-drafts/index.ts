export {
  draftOf,
  faultsOfDraft,
  KIND_FORM,
  kindFrom,
  PORT_FORM,
  type KindDraft,
  type PortDraft,
} from './draft.js';
export type { FieldInput, FormField } from './form.js';
export { summaryOf } from './summary.js';
