/** What Racks reads and what comes of it. */
import type { Kinds, Rules } from '../../documents/index.js';
import { rulesOf, type Figure, type MapOf } from '../../foundations/index.js';
import type { Equipment } from '../equipment.js';
import type { PowerResult } from '../power/index.js';
import type { Seen } from '../station.js';

export interface RacksReads {
  readonly devices: MapOf<Equipment> | undefined;
  readonly kinds: Kinds;
  readonly units: Rules['units'];
  readonly loads: PowerResult['devices'];
}

export interface RackItem {
  readonly label: string;
  readonly kindLabel: string;
  /** Lowest unit, from 1 at the bottom; undefined when it lies loose in the case. */
  readonly unit: number | undefined;
  readonly units: number;
  /** It is on the rear rails. */
  readonly rear: boolean;
  /** Depth left to what is on the other rails of the same units; absent where nothing is. */
  readonly behind?: Figure;
  readonly weight: Figure;
  readonly watts: Figure;
}

export interface RackResult {
  readonly label: string;
  readonly have: Figure;
  readonly used: Figure;
  readonly spare: Figure;
  readonly load: Figure;
  readonly weight: Figure;
  /** Watts drawn by everything in or on the case. */
  readonly watts: Figure;
  /** Watts that turn to heat between the rails: what is mounted, not what lies on top. */
  readonly heat: Figure;
  /** Watts that leave by themselves through one wholly open face at a rise of 10 K. */
  readonly passive: Figure;
  readonly items: Readonly<Record<string, RackItem>>;
}

export interface RacksResult {
  readonly racks: Readonly<Record<string, RackResult>>;
}

export const racksRule = rulesOf<Seen<RacksReads, RacksResult>>('racks');
