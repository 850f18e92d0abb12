import type { KindDraft, PortDraft } from '@idle-satchel/core/kind-drafts';
import type { FieldTools } from '../../ledger/form-tools.js';

/** Fields as the form holds them: lists that it may change. */
export interface KindFields extends Omit<KindDraft, 'ports'> {
  ports: PortDraft[];
}

export type KindTools = FieldTools<KindFields>;
