/** How far each make of cable carries, by the house rule and by attenuation. */
import type { CableMake, Connector, Format, Rules } from '../../documents/index.js';
import { calc, constant, given, unknown, type Figure } from '../../foundations/index.js';

/** The usual make of cable between two equal connectors; undefined where things plug together directly. */
export function usualMake(connector: Connector): CableMake | undefined {
  switch (connector) {
    case 'HDMI A':
    case 'HDMI C':
    case 'HDMI D':
      return 'hdmi-plain';
    case 'BNC':
      return 'coax-standard';
    case 'RJ45':
      return 'ethernet';
    case 'XLR':
    case 'TRS 6.35':
    case 'TRS 3.5':
    case 'TRRS 3.5':
    case 'TS 6.35':
    case 'RCA':
      return 'balanced-audio';
    case 'USB-A':
    case 'USB-B':
    case 'USB-C':
    case 'USB micro':
      return 'usb-2';
    case 'fibre LC':
      return 'fibre';
    case 'mains':
      return 'mains-1.5';
    default:
      return undefined;
  }
}

/** Makes that can stand in for one another: a make asked for takes any cable of its group. */
export const GROUPS: Readonly<Record<CableMake, readonly CableMake[]>> = {
  'hdmi-plain': ['hdmi-plain'],
  'hdmi-active': ['hdmi-active'],
  'hdmi-optical': ['hdmi-optical'],
  'coax-thin': ['coax-thin', 'coax-standard', 'coax-thick'],
  'coax-standard': ['coax-standard', 'coax-thick', 'coax-thin'],
  'coax-thick': ['coax-thick'],
  ethernet: ['ethernet'],
  'balanced-audio': ['balanced-audio'],
  'usb-2': ['usb-2'],
  fibre: ['fibre'],
  'mains-1.5': ['mains-1.5', 'mains-2.5'],
  'mains-2.5': ['mains-2.5'],
};

export const MAKE_WORDS: Readonly<Record<CableMake, string>> = {
  'hdmi-plain': 'HDMI',
  'hdmi-active': 'active HDMI',
  'hdmi-optical': 'optical HDMI',
  'coax-thin': 'thin coax',
  'coax-standard': 'coax',
  'coax-thick': 'thick coax',
  ethernet: 'network',
  'balanced-audio': 'balanced audio',
  'usb-2': 'USB 2',
  fibre: 'fibre',
  'mains-1.5': 'mains 1.5 mm²',
  'mains-2.5': 'mains 2.5 mm²',
};

const HDMI_STRETCHED = 20;
const FLAT: Readonly<Partial<Record<CableMake, number>>> = {
  'hdmi-active': 25,
  'hdmi-optical': 100,
  ethernet: 100,
  'balanced-audio': 100,
  'usb-2': 5,
  fibre: 2000,
};

/** α(f) = a·√f + b·f in dB per 100 m, f in MHz. */
const COAX: Readonly<Partial<Record<CableMake, { a: number; b: number }>>> = {
  'coax-thin': { a: 1.033, b: 0.002 },
  'coax-standard': { a: 0.723, b: 0.00167 },
  'coax-thick': { a: 0.568, b: 0.00133 },
};

/** Half the clock, MHz, at which the 20 dB budget holds. */
const HALF_CLOCK: Readonly<Record<Format, { mhz: number; standard: string }>> = {
  '720p50': { mhz: 742.5, standard: 'SMPTE ST 292-1' },
  '720p60': { mhz: 742.5, standard: 'SMPTE ST 292-1' },
  '1080p25': { mhz: 742.5, standard: 'SMPTE ST 292-1' },
  '1080p30': { mhz: 742.5, standard: 'SMPTE ST 292-1' },
  '1080p50': { mhz: 1485, standard: 'SMPTE ST 424' },
  '1080p60': { mhz: 1485, standard: 'SMPTE ST 424' },
};

export interface Reach {
  /** Farthest by the house rule, and beyond which nobody goes. */
  readonly limit: Figure;
  readonly stretched: Figure;
}

/** The house rule's reach of a make at the event's format, and the reach beyond which it is a stop. */
export function reachOf(make: CableMake, rules: Rules): Reach {
  if (make === 'hdmi-plain') {
    const note = { rule: 'how far plain HDMI may run: cautious 9 m, usual 15 m, stretched 20 m' };
    return {
      limit: calc(
        'm',
        "school = 'cautious' ? 9 : school = 'usual' ? 15 : 20",
        [given('school', rules.hdmiReach, '', 'rules', '/hdmiReach')],
        note,
      ),
      stretched: calc(
        'm',
        'stretched',
        [constant('stretched', HDMI_STRETCHED, 'm', 'stretched school')],
        note,
      ),
    };
  }
  const coax = COAX[make];
  if (coax) {
    const { mhz, standard } = HALF_CLOCK[rules.format];
    const limit = calc(
      'm',
      '100 * 0.9 * budget / (a * sqrt(f) + b * f)',
      [
        constant('budget', 20, 'dB', standard),
        constant('a', coax.a, '', 'class of coax'),
        constant('b', coax.b, '', 'class of coax'),
        constant('f', mhz, 'MHz', `half the clock at ${rules.format}`),
      ],
      { source: `${standard}, one tenth kept back, no joints` },
    );
    return { limit, stretched: limit };
  }
  const flat = FLAT[make];
  if (flat === undefined) {
    const why = 'a mains lead is checked for voltage drop under Power';
    return { limit: unknown('m', why), stretched: unknown('m', why) };
  }
  const limit = calc('m', 'limit', [constant('limit', flat, 'm', `reach of ${MAKE_WORDS[make]}`)]);
  return { limit, stretched: limit };
}
