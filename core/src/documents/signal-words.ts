/** Words of ports, buses, layouts and tasks: what documents may say and screens offer. */

export const CONNECTORS = [
  ...(['HDMI A', 'HDMI C', 'HDMI D', 'DisplayPort', 'VGA', 'component', 'composite'] as const),
  ...(['BNC', 'fibre LC', 'RJ45', 'USB-A', 'USB-B', 'USB-C', 'USB micro', 'computer bus'] as const),
  ...(['tablet socket', 'XLR', 'TRS 6.35', 'TS 6.35', 'TRS 3.5', 'TRRS 3.5', 'RCA'] as const),
  ...(['DIN', 'serial', 'air', 'mains', 'DC barrel', 'DC locking', 'XLR 4-pin'] as const),
  ...(['battery plate', 'vehicle lighter', 'IEC C13', 'IEC C7', 'IEC C5', 'IEC C19'] as const),
  ...(['mains locking', '60309 blue 16 A', '60309 blue 32 A'] as const),
  ...(['60309 red 16 A', '60309 red 32 A'] as const),
] as const;
/** `air` is a radio link; `mains` the household plug of the country, with whatever lead comes with the device; colours as in IEC 60309. */
export type Connector = (typeof CONNECTORS)[number];

export const CARRIES = [
  ...(['video', 'audio', 'network', 'control', 'tally', 'talkback', 'data', 'power'] as const),
] as const;
/** What runs through a port; `data` is a disk on its plug. */
export type Carries = (typeof CARRIES)[number];

export const PORT_ENDS = ['plug', 'pins', 'holes'] as const;
/** What a port ends in besides the usual socket: a plug on its body or on a lead of its own, or contacts against the custom. */
export type PortEnds = (typeof PORT_ENDS)[number];

export const ALONG = [
  ...(['PoE af', 'PoE at', 'PoE bt', 'USB', 'HDMI', 'phantom', 'partner'] as const),
] as const;
/** Power that comes along a lead of signals; `partner` is the other end of its pair, which feeds it as only that can. */
export type Along = (typeof ALONG)[number];

export const LEVELS = ['microphone', 'consumer', 'line', 'digital'] as const;
/** Class of sound level: −60…−40 dBu, −10 dBV, +4 dBu, or digital. */
export type Level = (typeof LEVELS)[number];

export const BUSES = [
  ...(['programme', 'second programme', 'third programme', 'clean'] as const),
  ...(['preview', 'multiview', 'aux', 'own picture'] as const),
] as const;
/**
 * What an output of a switcher gives: a programme, the first one without graphics, one of its inputs (`aux`), or a
 * picture that a computer makes apart from what it mixes (`own picture`).
 */
export type Bus = (typeof BUSES)[number];

export const PROGRAMMES = ['programme', 'second programme', 'third programme', 'clean'] as const;
/** What can be wanted of a switcher; `clean` is the first programme without graphics. */
export type Programme = (typeof PROGRAMMES)[number];

export const OUTPUT_KINDS = ['stream', 'recording', 'screen', 'call'] as const;
/** What can be wanted; a `call` is what those who take part from elsewhere are shown and hear. */
export type OutputKind = (typeof OUTPUT_KINDS)[number];

export const VIEWERS = ['mixer', 'camera', 'presenter', 'watcher', 'sound'] as const;
/** Somebody who must see a picture to do their part. */
export type Viewer = (typeof VIEWERS)[number];

export const LAYOUTS = [
  ...(['inset', 'side by side', 'two places', 'captions', 'clip'] as const),
  ...(['holding slide', 'key and fill', 'colour key'] as const),
] as const;
/** A layout or graphic that an item of the running order needs. */
export type Layout = (typeof LAYOUTS)[number];

export const TASKS = [
  ...(['slides', 'clips', 'captions', 'call', 'encode', 'mix', 'control', 'attendee'] as const),
  'speaker',
] as const;
/**
 * What a computer does; `attendee` watches a call as its guests see it, and `speaker` is the own one of whoever speaks,
 * who works it.
 */
export type Task = (typeof TASKS)[number];

export const CABLE_MAKES = [
  'hdmi-plain',
  'hdmi-active',
  'hdmi-optical',
  'coax-thin',
  'coax-standard',
  'coax-thick',
  'ethernet',
  'balanced-audio',
  'unbalanced-audio',
  'usb-2',
  'usb-3',
  'usb-3-fast',
  'fibre',
  'fibre-single',
  'mains-1.5',
  'mains-2.5',
  'dc',
] as const;
export type CableMake = (typeof CABLE_MAKES)[number];

export const CABLE_MARKS = ['5 A', '240 W'] as const;
/** What a USB-C cable is marked for, which without a mark carries 3 A (USB Type-C, electronically marked). */
export type CableMark = (typeof CABLE_MARKS)[number];

export const CABLE_ENDS = ['plug', 'socket', 'pins', 'holes'] as const;
/** What an end of a cable is: pins and holes where the connector has such contacts. */
export type CableContact = (typeof CABLE_ENDS)[number];

export const FUNCTIONS = [
  ...(['sees', 'switches', 'encodes', 'records pictures', 'records sound', 'plays'] as const),
  ...(['mixes sound', 'hears', 'shows', 'controls', 'controls cameras alone'] as const),
] as const;
/** What a thing does, `hears` by a microphone of its own; families group lists only. */
export type Function = (typeof FUNCTIONS)[number];

export const FAMILIES = [
  'camera',
  'computer',
  'switcher',
  'matrix',
  'patch bay',
  'splitter',
  'adapter',
  'converter',
  'extender',
  'wireless link',
  'capture',
  'recorder',
  'disk',
  'encoder',
  'screen',
  'audio desk',
  'audio interface',
  'microphone',
  'loudspeaker',
  'talkback',
  'control',
  'house line',
  'access point',
  'network switch',
  'router',
  'strip',
  'supply',
  'battery',
  'rack case',
  'rack part',
  'case',
  'vehicle',
  'support',
  'lens',
  'cable',
  'ramp',
  'hook',
  'mat',
  'tape',
  'lamp',
  'tool',
] as const;
export type Family = (typeof FAMILIES)[number];
