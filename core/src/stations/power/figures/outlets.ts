/** Figures of strips, sockets and what is at the end of their leads. */
import { declare, DEFINITION, houseRule, measurement, standard } from '../../../foundations/index.js';

/** What is plugged into strips and wall sockets has the same figures. */
const loadsAt = <const Tree extends 'strips' | 'sockets'>(tree: Tree) => ({
  watts: declare({
    key: `power.${tree}.*.watts`,
    label: 'Plugged into it',
    unit: 'W',
    basis: DEFINITION,
    formula: 'sum(load)',
  }),
  amps: declare({
    key: `power.${tree}.*.amps`,
    label: 'Current through it',
    unit: 'A',
    basis: DEFINITION,
    formula: 'sum(load)',
  }),
  share: declare({
    key: `power.${tree}.*.share`,
    label: 'Of its rating',
    unit: '%',
    basis: DEFINITION,
    formula: '100 * amps / rating',
    limits: { raises: 'power.strip-over', stop: { above: 100 } },
  }),
});
export const atStrip = loadsAt('strips');
export const atSocket = loadsAt('sockets');
export const stripSeries = declare({
  key: 'power.strips.*.series',
  label: 'Strips one into the other, it among them',
  unit: 'pieces',
  basis: houseRule('strips in series', 'one is good, two doubtful, three never'),
  formula: 'count(strip)',
  limits: { raises: 'power.strips-in-series', stop: { above: 2 }, risk: { above: 1 } },
});
export const stripDirect = declare({
  key: 'power.strips.*.direct',
  label: 'Directly in the wall',
  unit: '',
  basis: standard('each strip directly in a socket of the wall (IFC 603.5)'),
  method: 'the way to the wall followed',
  limits: { raises: 'power.strips-in-series', stop: { is: false } },
});
export const stripSeated = declare({
  key: 'power.strips.*.seated',
  label: 'Plugs fit side by side',
  unit: '',
  basis: measurement('outlet to outlet, and what each adapter covers'),
  method: 'every order of the plugs tried, each in the first outlet in which it clears the one before',
  limits: { raises: 'power.adapters-crowded', stop: { is: false } },
});
export const socketFree = declare({
  key: 'power.sockets.*.free',
  label: 'Outlets left',
  unit: 'pieces',
  basis: DEFINITION,
  formula: 'outlets - count(plug)',
  limits: { raises: 'power.outlets-over', stop: { below: 0 } },
});
export const socketControl = declare({
  key: 'power.sockets.*.control',
  label: 'Switched besides by',
  unit: '',
  basis: houseRule('no electronics on a socket that is dimmed, timed or switched with the lights'),
  method: 'as the survey says',
  limits: { raises: 'power.socket-switched', stop: { is: 'dimmed' }, risk: { isNot: 'nothing' } },
});

export const socketFits = declare({
  key: 'power.sockets.*.fits',
  label: 'What is plugged in fits',
  unit: '',
  basis: DEFINITION,
  method: 'the plug of each cord and lead beside what the socket takes',
  limits: { raises: 'power.plug-unfit', stop: { is: false } },
});
export const socketSingle = declare({
  key: 'power.sockets.*.single',
  label: 'Largest by itself, of what one load may take',
  unit: '%',
  basis: standard(
    'a portable load takes at most 80 % of a receptacle and of its circuit (NEC 210.21, 210.23)',
  ),
  formula: '100 * load / (0.8 * min(rating, breaker))',
  limits: { raises: 'power.one-load-over', stop: { above: 100 } },
});

const RAIN = {
  label: 'Stands splashing water',
  unit: '',
  basis: standard('outdoors IP44 at least: the second digit is 4 or more (IEC 60529)'),
  method: 'its IP code',
  limits: { raises: 'power.not-for-rain', risk: { is: false }, note: { is: null } },
} as const;
export const stripRain = declare({ key: 'power.strips.*.rain', ...RAIN });
export const socketRain = declare({ key: 'power.sockets.*.rain', ...RAIN });

export const earthsApart = declare({
  key: 'power.earths.*.circuits',
  label: 'Circuits at its two ends',
  unit: 'pieces',
  basis: houseRule('sound and pictures on one circuit and earth wherever it can be'),
  formula: 'count(circuit)',
  limits: { raises: 'power.earths-apart', note: { above: 1 } },
});

const PAIR = {
  label: 'Circuits that the two hang on',
  unit: 'pieces',
  basis: DEFINITION,
  formula: 'count(circuit)',
} as const;
export const pairTogether = declare({
  key: 'power.pairs.*.together',
  ...PAIR,
  limits: { raises: 'power.pair-split', risk: { above: 1 } },
});
export const pairApart = declare({
  key: 'power.pairs.*.apart',
  ...PAIR,
  limits: { raises: 'power.pair-split', risk: { below: 2 } },
});

export const deviceLost = declare({
  key: 'power.ends.*.lost',
  label: 'Volts lost on the way',
  unit: '%',
  basis: standard('the drops of all leads on the way added (IEC 60364-5-52 annex G)'),
  formula: 'upstream + sum(lost)',
});
export const deviceVolts = declare({
  key: 'power.ends.*.volts',
  label: 'Volts at it',
  unit: 'V',
  basis: standard('volts less those that are lost on the way (IEC 60364-5-52 annex G)'),
  formula: 'V * (1 - lost / 100)',
});
export const deviceSpareVolts = declare({
  key: 'power.ends.*.spare',
  label: 'Above its least volts',
  unit: 'V',
  basis: DEFINITION,
  formula: 'V - least',
  limits: { raises: 'power.volts-low', stop: { below: 0 } },
});
export const deviceExtension = declare({
  key: 'power.ends.*.extension',
  label: 'Extension leads, of the longest',
  unit: '%',
  basis: houseRule(
    'extension leads in all',
    '12 m at 1.25 mm², 15 m at 1.5, 25 m at 2.5: a custom of in-service testing in the UK; longer behind a residual-current device of 30 mA',
  ),
  limits: { raises: 'power.leads-long', risk: { above: 100 } },
});
export const leadDrop = declare({
  key: 'power.drops.*.drop',
  label: 'Voltage lost',
  unit: '%',
  basis: standard(
    'single-phase voltage drop, one way length, resistance only (IEC 60364-5-52 annex G); 3 % as recommended there',
  ),
  formula: '100 * 2 * L * sum(I) * rho / A / V',
  limits: { raises: 'power.voltage-drop', risk: { above: 3 } },
});
