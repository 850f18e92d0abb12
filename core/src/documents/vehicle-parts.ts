/** What a vehicle takes: its room, its masses, its axles. */
import { Num, Optional, Said } from './decorators.js';

export class Vehicle {
  /** From the seat backs to the door. */
  @Num(0.2, 15) @Said('Load floor, long', 'm') length!: number;
  @Num(0.2, 3) @Said('Load room, wide', 'm') width!: number;
  @Num(0.2, 4) @Said('Load room, high', 'm') height!: number;
  @Optional()
  @Num(0.2, 3)
  @Said('Its door, wide', 'm', { help: 'empty = as wide as the room' })
  doorWidth?: number;
  @Optional()
  @Num(0.2, 4)
  @Said('Its door, high', 'm', { help: 'empty = as high as the room' })
  doorHeight?: number;
  /** Each of the two wheel arches. */
  @Optional() @Num(0.02, 1) @Said('A wheel arch, wide', 'm', { help: 'empty = none' }) archWidth?: number;
  @Optional() @Num(0.02, 1.5) @Said('A wheel arch, high', 'm') archHeight?: number;
  @Optional() @Num(0.02, 3) @Said('A wheel arch, long', 'm') archLength?: number;
  @Optional() @Num(0, 14) @Said('From the seat backs to the wheel arch', 'm') archFrom?: number;
  /** kg. In the EU the mass in running order holds a driver of 75 kg and 90 % of the fuel. */
  @Optional() @Num(100, 60000) @Said('Permitted gross', 'kg', { help: 'empty = not known' }) gross?: number;
  @Optional()
  @Num(100, 50000)
  @Said('Mass in running order', 'kg', { help: 'with driver and fuel; empty = not known' })
  running?: number;
  @Optional() @Num(0.5, 12) @Said('Wheelbase', 'm', { help: 'empty = not known' }) wheelbase?: number;
  @Optional() @Num(0, 15) @Said('From the front axle to the seat backs', 'm') floorFrom?: number;
  /** What rests on each axle in running order, and what each may carry, kg. */
  @Optional() @Num(50, 30000) @Said('On the front axle in running order', 'kg') frontEmpty?: number;
  @Optional() @Num(50, 30000) @Said('On the rear axle in running order', 'kg') rearEmpty?: number;
  @Optional() @Num(50, 40000) @Said('Front axle is rated for', 'kg') frontMost?: number;
  @Optional() @Num(50, 40000) @Said('Rear axle is rated for', 'kg') rearMost?: number;
  /** Bars on its roof: what they and the roof may carry, kg. */
  @Optional() @Num(5, 500) @Said('Roof bars carry', 'kg', { help: 'empty = none' }) roofLoad?: number;
  /** Height of the seat backs above the load floor, m: nothing loose above them. */
  @Optional()
  @Num(0.1, 3)
  @Said('Seat backs, above the load floor', 'm', { help: 'empty = a wall up to the roof' })
  seatBacks?: number;
}
