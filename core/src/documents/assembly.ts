/** Cases that arrive wired: what is in them, how it is plugged together, and which ports are seen from outside. */
import type { MapOf as Map } from '../foundations/index.js';
import { Int, MapOf, Ref, Text } from './decorators.js';
import { Device } from './device.js';
import { Link } from './plan.js';

/** A port of the whole, and which port of which part it is. */
export class OutsidePort {
  @Text(8) order!: string;
  @Text(60, 1) label!: string;
  @Ref() part!: string;
  @Ref() port!: string;
}

export class Assembly {
  @Text(60, 1) label!: string;
  /** Counted up whenever it is saved anew. */
  @Int(1, 1e6) version!: number;
  /** The part that carries the others. */
  @Ref() carrier!: string;
  @MapOf(() => Device, 200) parts!: Map<Device>;
  @MapOf(() => Link, 500) links!: Map<Link>;
  @MapOf(() => OutsidePort, 200) outside!: Map<OutsidePort>;
}
