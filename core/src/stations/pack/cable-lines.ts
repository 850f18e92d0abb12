/** Lines of the checklist for cables, and for what joins them. */
import type { Kind, Kinds, Rules, Shelf } from '../../documents/index.js';
import { inOrder, inWords, numberOf } from '../../foundations/index.js';
import type { RunResult, RunsResult } from '../runs/index.js';
import type { PackLine, PackLines } from './result.js';
import { isReady } from '../ready.js';

/** One cable of a lead: an item, or one that is wanted. */
export interface CableOfRun {
  readonly run: RunResult;
  readonly item: string | undefined;
}

/** Every cable of every lead that does not come on its device, by the key of its line. */
export const cablesOf = ({ runs }: Pick<RunsResult, 'runs'>): readonly (readonly [string, CableOfRun])[] =>
  Object.entries(runs).flatMap(([id, run]) => {
    if (run.ownLead) return [];
    const items = run.items.length === 0 ? [undefined] : run.items;
    return items.map((item, i) => [i === 0 ? id : `${id} ${i + 1}`, { run, item }] as const);
  });

export function cableLine(
  _: string,
  {
    run,
    item,
    shelf,
    kinds,
    units,
  }: CableOfRun & { readonly shelf: Shelf; readonly kinds: Kinds; readonly units: Rules['units'] },
): PackLine {
  const own = shelf.items[item ?? ''];
  const wanted = numberOf(run.wanted);
  const sold = wanted === undefined ? '' : `, ${inWords(wanted, 'm', units)}`;
  return {
    group: 'Cables',
    label: own ? (kinds.kinds[own.kind]?.label ?? 'Cable') : `Cable, ${run.makeWords}${sold}`,
    purpose: run.label,
    tape: own?.tape,
    item,
    kind: own?.kind,
    count: 1,
    inside: undefined,
  };
}

/** Connectors of which two cables are joined by a piece between them; others go straight into each other. */
const JOINED: ReadonlySet<RunResult['connector']> = new Set(['BNC', 'RJ45', 'fibre LC', 'TRS 3.5', 'RCA']);

/** A piece with two sockets of a connector and nothing else. */
const joins = ({ family, ports = {} }: Kind, connector: RunResult['connector']): boolean => {
  const own = Object.values(ports);
  return (
    family === 'adapter' && own.length === 2 && own.every(port => port.connector === connector && !port.ends)
  );
};

const joinerLine = (connector: RunResult['connector']): string => `joiners ${connector.replaceAll('.', '-')}`;

/** Whether a kind is what a line of joiners, by its key, asks for. */
export const isJoinerOf = (kind: Kind, line: string): boolean =>
  [...JOINED].some(connector => joinerLine(connector) === line && joins(kind, connector));

/** Joiners for leads of several cables, one line for each connector. */
export function joinerLines({
  runs,
  kinds,
  shelf,
}: Pick<RunsResult, 'runs'> & { readonly kinds: Kinds; readonly shelf: Shelf }): PackLines {
  const wanted = new Map<RunResult['connector'], { count: number; labels: string[] }>();
  for (const { connector, items, label } of Object.values(runs)) {
    if (items.length < 2 || !JOINED.has(connector)) continue;
    const known = wanted.get(connector) ?? { count: 0, labels: [] };
    wanted.set(connector, { count: known.count + items.length - 1, labels: [...known.labels, label] });
  }
  return Object.fromEntries(
    [...wanted].map(([connector, { count, labels }]): [string, PackLine] => {
      const isJoiner = (id: string): boolean => {
        const kind = kinds.kinds[id];
        return kind !== undefined && joins(kind, connector);
      };
      const [item, own] = inOrder(shelf.items).find(([, each]) => isReady(each) && isJoiner(each.kind)) ?? [];
      return [
        joinerLine(connector),
        {
          group: 'Adapters',
          label: `Joiner, ${connector} socket to socket`,
          purpose: labels.join(', '),
          tape: own?.tape,
          item,
          kind: own?.kind,
          count,
          inside: undefined,
        },
      ];
    }),
  );
}
