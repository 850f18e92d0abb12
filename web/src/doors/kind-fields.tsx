/** What the fields of a kind share. */
import type { KindDraft, PortDraft } from '@idle-satchel/core';

/** Fields as the form holds them: lists that it may change. */
export interface KindFields extends Omit<KindDraft, 'ports'> {
  ports: PortDraft[];
}
export const optionalNumber = {
  setValueAs: (text: unknown) => (text === '' || text === undefined ? undefined : Number(text)),
};

export const Options = ({ of }: { of: readonly string[] }) =>
  of.map(each => <option key={each}>{each}</option>);
