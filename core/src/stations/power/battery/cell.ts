/** A battery as it is discharged: what it holds, worn as it is, and how much of that may be taken. */
import { LEAD_ACID_SHARE, peukertOf, type Cell } from './discharge.js';
import { chemistryOf, healthOf, ratedOf, type KnownBattery } from './health.js';

export interface CellOf extends KnownBattery {
  /** What is kept back, %; of lead-acid half of it stays in place of that. */
  readonly reserve: number;
}

export function cellOf(of: CellOf): Cell {
  const chemistry = chemistryOf(of);
  const cell = { chemistry, holds: Math.max(0, ratedOf(of) * healthOf(of)) };
  if (chemistry !== 'lead-acid') return { ...cell, usable: 1 - of.reserve / 100 };
  const peukert = peukertOf(of.battery);
  return { ...cell, usable: LEAD_ACID_SHARE, ...(peukert && { peukert }) };
}
