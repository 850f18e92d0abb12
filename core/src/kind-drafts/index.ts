export {
  draftOf,
  faultsOfDraft,
  KIND_FORM,
  kindFrom,
  PORT_FORM,
  type KindDraft,
  type PortDraft,
} from './draft.js';
export type { FieldInput, FormField } from '../forms/form.js';
export { summaryOf } from '../forms/summary.js';
