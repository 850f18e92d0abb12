/** The power list: what hangs on every circuit and battery, and what each device takes. */
import type { Assessment } from '../assess.js';
import type { Plan } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';
import {
  batteryEnds,
  batteryMargin,
  circuitCounted,
  circuitShare,
  deviceAmps,
  deviceFedBy,
  deviceWatts,
} from '../stations/power/figures/index.js';
import type { Sheet } from './sheet.js';
import { figures, sheetOf, words, type ColumnOf } from './table.js';

/** A circuit, a battery or a device. */
interface Row {
  readonly sort: 'circuit' | 'battery' | 'device';
  readonly id: string;
  readonly label: string;
}

const of =
  (sort: Row['sort']) =>
  (row: Row): [string] | undefined =>
    row.sort === sort ? [row.id] : undefined;

const COLUMNS: readonly ColumnOf<Row>[] = [
  words('What', 28, ({ label }) => label),
  figures(deviceFedBy, 20, of('device')),
  figures(deviceWatts, 10, of('device'), 'unknown'),
  figures(deviceAmps, 10, of('device'), 'unknown'),
  figures(circuitCounted, 16, of('circuit'), 'unknown'),
  figures(circuitShare, 12, of('circuit'), 'unknown'),
  figures(batteryEnds, 14, of('battery'), 'unknown'),
  figures(batteryMargin, 16, of('battery'), 'unknown'),
];

export function powerList(plan: Plan, assessment: Assessment): Sheet {
  const { power, ground } = assessment;
  const named = (
    sort: Row['sort'],
    ids: readonly string[],
    label: (id: string) => string | undefined,
  ): Row[] => ids.map(id => ({ sort, id, label: label(id) ?? id }));
  const device = (id: string): string | undefined => plan.devices?.[id]?.label;
  const circuits = inOrder(ground.venue.circuits).map(([id]) => id);
  const sections = [
    {
      heading: 'Circuits',
      rows: named(
        'circuit',
        circuits.filter(id => power.circuits[id]),
        id => ground.venue.circuits?.[id]?.label,
      ),
    },
    { heading: 'Batteries', rows: named('battery', Object.keys(power.batteries), device) },
    { heading: 'Devices', rows: named('device', Object.keys(power.devices), device) },
  ];
  return sheetOf(plan, assessment, {
    title: 'Power list',
    columns: COLUMNS,
    sections: sections.filter(({ rows }) => rows.length > 0),
    notes: [
      'Electrical work belongs to qualified people under local code. Ask who may reset a breaker, and where it is.',
      'Reels are unrolled wholly. What is not known is not counted: measure it.',
    ],
  });
}
