/** Words of power: states of a device, chemistries of batteries, sockets and plugs. */
import type { Connector } from './signal-words.js';

export const POWER_STATES = ['off', 'standby', 'working', 'peak'] as const;
/** How much a device does just then: nothing, waiting, its usual work, or the most that it can (motors, full light). */
export type PowerState = (typeof POWER_STATES)[number];

export const DRAWING_STATES = ['standby', 'working', 'peak'] as const satisfies readonly PowerState[];
/** A state in which something is taken. */
export type DrawingState = (typeof DRAWING_STATES)[number];

export const CHEMISTRIES = ['lithium-ion', 'LiFePO4', 'NiMH', 'lead-acid'] as const;
export type Chemistry = (typeof CHEMISTRIES)[number];

export const MAINS_SYSTEMS = ['one phase', 'three phases', 'split 120/240', 'two legs of 120/208'] as const;
/** How a building is fed: its phases or legs, and what their neutral carries. */
export type MainsSystem = (typeof MAINS_SYSTEMS)[number];

export const PHASE_NUMBERS = ['1', '2', '3'] as const;
/** A phase, or a leg of a split system. */
export type PhaseNumber = (typeof PHASE_NUMBERS)[number];

export const BREAKER_CURVES = ['B', 'C', 'D'] as const;
export type BreakerCurve = (typeof BREAKER_CURVES)[number];

export const CIRCUIT_WIRINGS = ['radial', 'ring'] as const;
/** How a circuit goes through a building: to its last socket, or back to its breaker. */
export type CircuitWiring = (typeof CIRCUIT_WIRINGS)[number];

export const SOCKET_CONTROLS = ['dimmed', 'timed', 'light switch'] as const;
/** What switches a socket besides its own switch. */
export type SocketControl = (typeof SOCKET_CONTROLS)[number];

export const SOCKET_STATES = ['good', 'no earth', 'swapped', 'dead'] as const;
/** What a socket tester shows; `swapped`: live and neutral, or live and earth. */
export type SocketState = (typeof SOCKET_STATES)[number];

export const DRAWS = ['power', 'current', 'resistance'] as const;
/** What of a load stays as it is when its volts fall: its watts (converters, cameras), its current, or its resistance. */
export type Draws = (typeof DRAWS)[number];

/** What a socket of a venue takes. */
export const SOCKET_CONNECTORS = [
  ...(['mains', 'mains locking', '60309 blue 16 A', '60309 blue 32 A'] as const),
  ...(['60309 red 16 A', '60309 red 32 A'] as const),
] as const satisfies readonly Connector[];
export type SocketConnector = (typeof SOCKET_CONNECTORS)[number];

export const INGRESS = [
  'IP20',
  'IP21',
  'IP23',
  'IP44',
  'IP54',
  'IP55',
  'IP65',
  'IP66',
  'IP67',
  'IP68',
] as const;
/** What a casing keeps out (IEC 60529): its second digit is water. */
export type Ingress = (typeof INGRESS)[number];

export const USB_PROFILES = ['5 V', '9 V', '12 V', '15 V', '20 V', '28 V', '36 V', '48 V'] as const;
/** Volts that a USB outlet gives or an inlet asks for (USB Power Delivery). */
export type UsbProfile = (typeof USB_PROFILES)[number];

export const CENTRES = ['positive', 'negative'] as const;
/** What the middle of a round plug of direct current is. */
export type Centre = (typeof CENTRES)[number];
