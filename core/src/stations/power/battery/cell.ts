/** A battery as it is discharged: what it holds, worn as it is, and how much of that may be taken. */
import type { Battery, Chemistry, InnerBattery, Item } from '../../../documents/index.js';
import { LEAD_ACID_SHARE, type Cell } from './discharge.js';

export interface CellOf {
  /** The battery that it is, or the one inside. */
  readonly battery?: Battery;
  readonly inner?: InnerBattery;
  /** Of the shelf: its charge cycles and health, where they are known. */
  readonly known: Pick<Item, 'cycles' | 'health'> | undefined;
  /** What is kept back, %; of lead-acid half of it stays in place of that. */
  readonly reserve: number;
}

/** What a cycle takes of a battery until its health is measured. */
const WORN_BY_CYCLE = 0.0004;

const healthOf = (known: CellOf['known']): number =>
  known?.health === undefined ? 1 - WORN_BY_CYCLE * (known?.cycles ?? 0) : known.health / 100;

export const chemistryOf = ({ battery, inner }: Pick<CellOf, 'battery' | 'inner'>): Chemistry =>
  battery?.chemistry ?? inner?.chemistry ?? 'lithium-ion';

export function cellOf(of: CellOf): Cell {
  const { battery, inner, known, reserve } = of;
  const chemistry = chemistryOf(of);
  const rated = battery ? battery.volts * battery.ampHours : (inner?.wattHours ?? 0);
  const cell = { chemistry, holds: Math.max(0, rated * healthOf(known)) };
  if (chemistry !== 'lead-acid') return { ...cell, usable: 1 - reserve / 100 };
  return {
    ...cell,
    usable: LEAD_ACID_SHARE,
    ...(battery && {
      peukert: { volts: battery.volts, ampHours: battery.ampHours, hours: battery.hours ?? 20 },
    }),
  };
}
