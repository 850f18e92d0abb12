/** What carries, lights and protects the rest. */
import type { Kind } from '../documents/index.js';
import { MAINS_IN, ports } from './port-sketches.js';

export const THINGS: Record<string, Kind> = {
  rackcase4: {
    label: 'Rack case, 4U, shallow',
    family: 'rack case',
    weight: 6.4,
    rackCase: { units: 4, depth: 0.42, load: 35 },
  },
  raktray01: {
    label: 'Rack tray, 1U',
    family: 'rack part',
    weight: 1.6,
    rack: { units: 1, depth: 0.28, fitting: 'tray', carries: 12 },
  },
  raktray02: {
    label: 'Rack tray, 2U',
    family: 'rack part',
    weight: 2.1,
    rack: { units: 2, depth: 0.28, fitting: 'tray', carries: 15 },
  },
  rakdrawr2: {
    label: 'Rack drawer, 2U, with a latch',
    family: 'rack part',
    weight: 4.6,
    rack: { units: 2, depth: 0.36, fitting: 'drawer', carries: 15, latch: 'yes' },
  },
  rakblank1: {
    label: 'Blank panel, 1U',
    family: 'rack part',
    weight: 0.3,
    rack: { units: 1, depth: 0.01, fitting: 'blank' },
  },
  rakventd1: {
    label: 'Blank panel, 1U, perforated',
    family: 'rack part',
    weight: 0.25,
    rack: { units: 1, depth: 0.01, fitting: 'open blank' },
  },
  rakbrush1: {
    label: 'Brush plate, 1U',
    family: 'rack part',
    weight: 0.35,
    rack: { units: 1, depth: 0.03, fitting: 'brush plate' },
  },
  lamppanel: {
    label: 'Lamp, LED panel, 60 W, on a stand',
    family: 'lamp',
    weight: 3.2,
    power: { running: 60, factor: 0.9 },
    lamp: { lux: 1600, beam: 60, kelvin: 5600 },
    ports: ports(MAINS_IN),
  },
  tripodflu: {
    label: 'Tripod, fluid head',
    family: 'support',
    weight: 4.8,
    support: { low: 0.7, high: 1.7, load: 6, head: 'fluid' },
  },
  lenstele1: {
    label: 'Lens, 35–100, for Four Thirds',
    family: 'lens',
    weight: 0.36,
    lens: {
      focalMin: 35,
      focalMax: 100,
      apertureShort: 2.8,
      nearest: 0.85,
      imageCircle: 21.6,
      mount: 'short flange, 17 mm',
    },
  },
  lensfast1: {
    label: 'Lens, 75, for Four Thirds',
    family: 'lens',
    weight: 0.31,
    lens: {
      focalMin: 75,
      focalMax: 75,
      apertureShort: 1.8,
      nearest: 0.84,
      imageCircle: 21.6,
      mount: 'short flange, 17 mm',
    },
  },
  standhigh: {
    label: 'Stand, high, 2.4 m',
    family: 'support',
    weight: 3.9,
    support: { low: 1.2, high: 2.4, load: 3, head: 'ball' },
  },
  rampcable: { label: 'Cable ramp, 0.9 m', family: 'ramp', weight: 4.5 },
  hookdoor1: { label: 'Hook for leads over a door', family: 'hook', weight: 0.1 },
  matcable1: { label: 'Cable mat, 0.9 m', family: 'mat', weight: 1.2 },
  tapecloth: { label: 'Cloth tape, roll of 50 m', family: 'tape', weight: 0.5 },
  headphone: { label: 'Headphones, closed', family: 'tool', weight: 0.3 },
  toolpouch: { label: 'Tool pouch with torch', family: 'tool', weight: 1.2 },
  rackcase6: {
    label: 'Rack case, 6U',
    family: 'rack case',
    weight: 8.2,
    rackCase: { units: 6, depth: 0.42, load: 40 },
  },
  rackcas12: {
    label: 'Rack case, 12U, on wheels',
    family: 'rack case',
    weight: 16,
    rackCase: { units: 12, depth: 0.5, load: 80 },
  },
  tripodhea: {
    label: 'Tripod, heavy, fluid head',
    family: 'support',
    weight: 7.5,
    support: { low: 0.7, high: 1.8, load: 12, head: 'fluid' },
  },
};
