/** Power of a venue: its circuits, what hangs on them already, and its sockets. */
import type { MapOf as Map, Point } from '../foundations/index.js';
import { At, Int, MapOf, Num, One, OneOf, Optional, Ref, Text } from './decorators.js';
import {
  BREAKER_CURVES,
  CIRCUIT_WIRINGS,
  INGRESS,
  PHASE_NUMBERS,
  SOCKET_CONNECTORS,
  SOCKET_CONTROLS,
  SOCKET_STATES,
  type BreakerCurve,
  type CircuitWiring,
  type Ingress,
  type PhaseNumber,
  type SocketConnector,
  type SocketControl,
  type SocketState,
} from './power-words.js';
import { Clock, Instant } from './time-decorators.js';
import { PlacedInOrder } from './venue-parts.js';

/** Something else that hangs on a circuit during the event. */
export class OtherLoad {
  @Text(60, 1) label!: string;
  @Num(0, 20000) watts!: number;
  @Num(0.3, 1) factor!: number;
  /** When it is switched on, by the clocks of the place; absent = it is on before anybody comes. */
  @Optional() @Clock() from?: string;
  /** When it is switched off again; absent = after everybody has gone. */
  @Optional() @Clock() until?: string;
}

/** A residual-current device: a trip of it takes all that is behind it. */
export class Residual {
  @Text(8) order!: string;
  @Text(60, 1) label!: string;
  /** Residual current at which it trips, mA. */
  @Num(1, 1000) trip!: number;
}

export class Circuit {
  @Text(8) order!: string;
  @Text(60, 1) label!: string;
  @Num(1, 125) amps!: number;
  /** Which of the phases or legs it is on. */
  @Optional() @OneOf(PHASE_NUMBERS) phase?: PhaseNumber;
  /** Curve of its breaker (IEC 60898). */
  @Optional() @OneOf(BREAKER_CURVES) curve?: BreakerCurve;
  /** Whether its cable ends at the last socket or comes back to the breaker; absent = not known. */
  @Optional() @OneOf(CIRCUIT_WIRINGS) wiring?: CircuitWiring;
  /** The residual-current device that it is behind. */
  @Optional() @Ref() residual?: string;
  /** Where its breaker is, as one would look for it. */
  @Optional() @Text(80) board?: string;
  /** Who may reset it. */
  @Optional() @Text(80) resets?: string;
  @Optional() @MapOf(() => OtherLoad, 50) others?: Map<OtherLoad>;
}

/** What a socket tester showed. */
export class SocketTest {
  @Instant() at!: string;
  @OneOf(SOCKET_STATES) result!: SocketState;
  @Optional() @Text(80) by?: string;
}

/** A socket that went dead with the breaker of a circuit. */
export class Proved {
  @Instant() at!: string;
  @Ref() circuit!: string;
}

export class Socket extends PlacedInOrder {
  @At() at!: Point;
  @Int(1, 12) outlets!: number;
  /** Rating of the socket or its fuse, A. */
  @Num(1, 125) amps!: number;
  @Optional() @Ref() circuit?: string;
  /** What goes into it; absent = the household plug of the country. */
  @Optional() @OneOf(SOCKET_CONNECTORS) connector?: SocketConnector;
  /** What its casing keeps out; absent = not known. */
  @Optional() @OneOf(INGRESS) ingress?: Ingress;
  /** What else switches it. */
  @Optional() @OneOf(SOCKET_CONTROLS) control?: SocketControl;
  /** When a socket tester was plugged in last, and what it showed. */
  @Optional() @One(() => SocketTest) test?: SocketTest;
  /** When it was seen to go dead with the breaker of its circuit, as that was then. */
  @Optional() @One(() => Proved) proved?: Proved;
}
