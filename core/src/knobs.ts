/** Knobs and menu entries that are usually noted of a thing. */
import { FUNCTIONS, type Function as Does, type Kind } from './documents/index.js';
import { kindDoes } from './stations/signal/functions.js';

const USUAL: Readonly<Record<Does, readonly string[]>> = {
  sees: [
    ...['Gain', 'Shutter', 'Aperture', 'White balance', 'Picture profile'],
    ...['Clean output', 'Auto power-off', 'Stabiliser', 'Autofocus'],
  ],
  switches: ['Sound follows picture', 'Transition', 'Picture when a source is lost'],
  encodes: ['Video bit rate', 'Key frame interval', 'Profile', 'Sound bit rate'],
  'records pictures': ['Codec', 'Starts with the programme'],
  'records sound': ['Gain', 'Sample rate'],
  plays: ['Sleep', 'Notifications', 'Updates', 'Sound output'],
  'mixes sound': ['Gain', 'Phantom power', 'Low cut', 'Send'],
  hears: ['Gain', 'Low cut', 'Channel'],
  shows: ['Input', 'Volume', 'Picture mode'],
  controls: ['Address', 'Bank'],
  'controls cameras alone': [],
};

/** What is usually noted of a kind, the most usual first. */
export const usualKnobs = (kind: Kind | undefined): readonly string[] => [
  ...new Set(FUNCTIONS.filter(does => kindDoes(kind, does)).flatMap(does => USUAL[does])),
];
