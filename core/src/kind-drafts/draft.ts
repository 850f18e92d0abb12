/** A kind as a form edits it: its ports as a list, blanks where nothing is entered; and the kind that comes of it. */
import { Kind, Port } from '../documents/index.js';
import { faultsOf } from '../documents/validate.js';
import { inOrder, ordersFor } from '../foundations/index.js';
import { entered } from '../forms/entered.js';
import { formOf } from '../forms/form.js';
import { contradictions } from './contradictions.js';

export type PortDraft = Omit<Partial<Port>, 'order'> & { readonly id: string };
export interface KindDraft extends Omit<Partial<Kind>, 'ports'> {
  readonly ports: readonly PortDraft[];
}

export const KIND_FORM = formOf(Kind);
export const PORT_FORM = formOf(Port);

export const draftOf = ({ ports, ...kind }: Kind): KindDraft => ({
  ...kind,
  ports: inOrder(ports).map(([id, { order: _, ...port }]) => ({ ...port, id })),
});

/** The kind that a draft says. A switcher mixes one programme unless it is said how many. */
export function kindFrom(draft: KindDraft): Kind {
  const orders = ordersFor(draft.ports.length);
  const ports = draft.ports.map(({ id, ...port }, i) => [
    id,
    { order: orders[i] ?? '', ...entered(PORT_FORM, port) },
  ]);
  const kind = {
    label: '',
    ...entered(
      KIND_FORM.filter(({ name }) => name !== 'ports'),
      draft,
    ),
  } as Kind;
  return {
    ...kind,
    ...(kind.family === 'switcher' && { inside: { ...kind.inside, mixes: kind.inside?.mixes ?? 1 } }),
    ...(ports.length > 0 && { ports: Object.fromEntries(ports) as Record<string, Port> }),
  };
}

/** What is wrong with a draft, by the field of the form: `optics.focalMin`, `ports.2.label`. */
export function faultsOfDraft(draft: KindDraft): Readonly<Record<string, string>> {
  const kind = kindFrom(draft);
  const faults: Record<string, string> = {};
  const rows = new Map(draft.ports.map(({ id }, i) => [id, i]));
  for (const { path, reason } of [...faultsOf(Kind, kind), ...contradictions(kind)]) {
    const [, first = '', second = '', ...rest] = path.split('/');
    const field =
      first === 'ports'
        ? ['ports', rows.get(second) ?? second, ...rest].join('.')
        : path.slice(1).replaceAll('/', '.');
    faults[field] ??= reason === 'is missing' ? 'say it' : reason;
  }
  return faults;
}
