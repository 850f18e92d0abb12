/** Words of power: states of a device, and chemistries of batteries. */

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

export const SOCKET_CONTROLS = ['dimmed', 'timed', 'light switch'] as const;
/** What switches a socket besides its own switch. */
export type SocketControl = (typeof SOCKET_CONTROLS)[number];

export const SOCKET_STATES = ['good', 'no earth', 'swapped', 'dead'] as const;
/** What a socket tester shows; `swapped`: live and neutral, or live and earth. */
export type SocketState = (typeof SOCKET_STATES)[number];

export const DRAWS = ['power', 'current', 'resistance'] as const;
/** What of a load stays as it is when its volts fall: its watts (converters, cameras), its current, or its resistance. */
export type Draws = (typeof DRAWS)[number];
