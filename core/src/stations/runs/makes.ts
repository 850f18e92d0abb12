/** Makes of cable: which goes between which ports, which stand in for one another, and how often one may be joined. */
import type { CableMake, Connector, Port } from '../../documents/index.js';

/** The usual make of cable into a port; undefined where things plug together directly. */
export function usualMake({ connector, balanced, level }: Port): CableMake | undefined {
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
      return 'balanced-audio';
    case 'TRS 6.35':
      return balanced === false || level === 'consumer' ? 'unbalanced-audio' : 'balanced-audio';
    case 'TRS 3.5':
    case 'TRRS 3.5':
    case 'TS 6.35':
    case 'RCA':
      return balanced ? 'balanced-audio' : 'unbalanced-audio';
    case 'USB-A':
    case 'USB-B':
    case 'USB-C':
    case 'USB micro':
      return 'usb-2';
    case 'DC barrel':
    case 'DC locking':
    case 'XLR 4-pin':
    case 'vehicle lighter':
      return 'dc';
    case 'fibre LC':
      return 'fibre';
    case 'mains':
    case 'IEC C13':
    case 'IEC C7':
    case 'IEC C5':
      return 'mains-1.5';
    case 'IEC C19':
    case 'mains locking':
    case '60309 blue 16 A':
    case '60309 blue 32 A':
    case '60309 red 16 A':
    case '60309 red 32 A':
      return 'mains-2.5';
    default:
      return undefined;
  }
}

export const isMains = (make: CableMake): boolean => make.startsWith('mains-');

/** The make of a lead between two ports: into the second, but unbalanced where either is. */
export function makeBetween(from: Port | undefined, to: Port | undefined): CableMake | undefined {
  const [out, into] = [from && usualMake(from), to && usualMake(to)];
  if (out === undefined || into === undefined) return to ? into : out;
  return from?.connector !== to?.connector && out === 'unbalanced-audio' && into === 'balanced-audio'
    ? out
    : into;
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
  'unbalanced-audio': ['unbalanced-audio', 'balanced-audio'],
  'usb-2': ['usb-2', 'usb-3', 'usb-3-fast'],
  'usb-3': ['usb-3', 'usb-3-fast'],
  'usb-3-fast': ['usb-3-fast'],
  fibre: ['fibre'],
  'fibre-single': ['fibre-single'],
  'mains-1.5': ['mains-1.5', 'mains-2.5'],
  'mains-2.5': ['mains-2.5'],
  dc: ['dc'],
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
  'unbalanced-audio': 'unbalanced audio',
  'usb-2': 'USB 2',
  'usb-3': 'USB 3, 5 Gb/s',
  'usb-3-fast': 'USB 3, 10 Gb/s',
  fibre: 'fibre, multimode',
  'fibre-single': 'fibre, single-mode',
  'mains-1.5': 'mains 1.5 mm²',
  'mains-2.5': 'mains 2.5 mm²',
  dc: 'DC',
};

/** Makes of cable that end in a connector, the usual one first. */
export const CABLE_MAKES_BY_CONNECTOR: Readonly<Partial<Record<Connector, readonly CableMake[]>>> = {
  'HDMI A': ['hdmi-plain', 'hdmi-optical', 'hdmi-active'],
  BNC: ['coax-standard', 'coax-thick', 'coax-thin'],
  'USB-A': ['usb-2', 'usb-3', 'usb-3-fast'],
  'USB-B': ['usb-2', 'usb-3', 'usb-3-fast'],
  'USB-C': ['usb-2', 'usb-3', 'usb-3-fast'],
  'TRS 6.35': ['balanced-audio', 'unbalanced-audio'],
  'fibre LC': ['fibre', 'fibre-single'],
  mains: ['mains-1.5', 'mains-2.5'],
  'IEC C13': ['mains-1.5', 'mains-2.5'],
};

const MOST_JOINS: Readonly<Partial<Record<CableMake, number>>> = {
  'coax-thin': 2,
  'coax-standard': 2,
  'coax-thick': 2,
  ethernet: 2,
  'balanced-audio': 4,
  'unbalanced-audio': 1,
  fibre: 1,
  'fibre-single': 1,
  'mains-1.5': 1,
  'mains-2.5': 1,
};

/** How often cables of a make may be joined in one lead; a picture over twisted pair wants one unbroken cable. */
export const mostJoins = (make: CableMake, unbroken: boolean): number =>
  unbroken ? 0 : (MOST_JOINS[make] ?? 0);
