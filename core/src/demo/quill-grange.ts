/** The demo venue of Saturday: Quill Grange, a village hall with a stage, one ring and an office. */
import type { Venue } from '../documents/index.js';
import { box } from '../survey/shapes.js';

export const quillGrange: Venue = {
  version: 1,
  name: 'Quill Grange hall',
  volts: 230,
  hertz: 50,
  facts: {
    ceiling: 2.9,
    people: 120,
    access: 'from 08:00; the key is in the box by the west door',
    noise: 'the kitchen fridge starts and stops behind the west wall',
  },
  outline: box(0, 0, 16, 10),
  dimensions: {
    halllong1: { order: '001h', label: 'Hall length', axis: 'x', from: 0, to: 16 },
    stagedeep: { order: '002h', label: 'Stage depth', axis: 'x', from: 12.6, to: 16 },
    hallwide1: { order: '003h', label: 'Hall width', axis: 'y', from: 0, to: 10 },
  },
  walls: {
    officewal: {
      label: 'office wall',
      line: [
        [0, 7],
        [3.2, 7],
        [3.2, 10],
      ],
    },
  },
  areas: {
    stagehall: { label: 'stage +0.6', kind: 'raised', outline: box(12.6, 0, 3.4, 10), floor: 0.6 },
    chairsnor: { label: 'chairs north', kind: 'seating', outline: box(4.6, 1.6, 5.7, 2.7), rowSpacing: 0.95 },
    chairssou: { label: 'chairs south', kind: 'seating', outline: box(4.6, 5.7, 5.7, 2.7), rowSpacing: 0.95 },
    aislehall: { label: 'centre aisle', kind: 'keep-clear', outline: box(3.4, 4.3, 8.4, 1.4), walk: 'x' },
    camsback1: { label: 'behind the chairs', kind: 'cameras', outline: box(1.4, 1.2, 2.4, 2.6) },
    deskhall1: {
      label: 'mixer shelf',
      kind: 'desk',
      outline: box(0.2, 5.8, 1.4, 0.6),
      top: 0.9,
      card: {
        buses: 'one spare send',
        fader: 'after',
        connector: 'jack',
        level: 'line',
        distance: 3,
        setBy: 'whoever opens the hall',
      },
    },
    tabletea1: { label: 'tea table', kind: 'obstacle', outline: box(4.2, 9, 2.4, 0.8), top: 0.75 },
    projectio: { label: 'projector', kind: 'obstacle', outline: box(8.2, 4.7, 0.5, 0.5), underside: 2.4 },
  },
  stairs: {
    stagestep: { label: 'steps', outline: box(11.9, 0.4, 0.7, 1), head: 'stagehall', clear: 0.9 },
  },
  doors: {
    westdoor1: {
      label: 'west door',
      kind: 'exit',
      height: 2.1,
      hinge: 'first',
      opens: 'left',
      jambs: [
        [0, 4.2],
        [0, 5.6],
      ],
    },
    firedoor1: {
      label: 'north',
      kind: 'fire',
      height: 2.1,
      jambs: [
        [10.8, 0],
        [11.8, 0],
      ],
    },
    officedoo: {
      label: 'office door',
      kind: 'inner',
      height: 2,
      hinge: 'second',
      opens: 'left',
      jambs: [
        [2.1, 7],
        [3, 7],
      ],
    },
    windowsou: {
      label: 'south windows',
      kind: 'window',
      height: 1.4,
      jambs: [
        [6, 10],
        [11, 10],
      ],
    },
  },
  marks: {
    markleade: { order: '001h', label: 'Leader', at: [13.2, 5], height: 1.6, facing: 180, light: 310 },
    marktable: {
      order: '002h',
      label: 'Tables',
      at: [14.2, 5],
      height: 1.5,
      facing: 180,
      light: 290,
      width: 4.5,
    },
    markpanel: {
      order: '003h',
      label: 'Panel',
      at: [13.1, 2.4],
      height: 1.25,
      facing: 170,
      light: 240,
      width: 3,
    },
    marklecte: { order: '004h', label: 'Lectern', at: [13, 8], height: 1.6, facing: 190, light: 220 },
  },
  circuits: {
    circring1: {
      order: '001h',
      label: 'Ring, whole hall',
      amps: 32,
      others: { fridgehal: { label: 'fridge', watts: 150, factor: 0.9 } },
    },
  },
  sockets: {
    sktstage1: {
      order: '001h',
      label: 'stage north',
      at: [14.4, 0],
      outlets: 2,
      amps: 13,
      circuit: 'circring1',
    },
    sktstage2: {
      order: '002h',
      label: 'stage south',
      at: [14.4, 10],
      outlets: 2,
      amps: 13,
      circuit: 'circring1',
    },
    sktnorth1: { order: '003h', label: 'north wall', at: [6, 0], outlets: 2, amps: 13, circuit: 'circring1' },
    sktwest01: {
      order: '004h',
      label: 'by the door',
      at: [0, 3.6],
      outlets: 2,
      amps: 13,
      circuit: 'circring1',
    },
    sktoffice: { order: '005h', label: 'office', at: [0, 8.4], outlets: 4, amps: 13, circuit: 'circring1' },
  },
  networkSockets: { netoffice: { label: 'office line', at: [0, 9.2], speed: 1000 } },
  houseLines: {
    hlinehdmi: {
      order: '001h',
      label: 'projector line',
      make: 'hdmi-active',
      length: 15,
      condition: 'worn',
      tag: 'PROJ',
      ends: [
        [1.2, 6],
        [8.4, 4.9],
      ],
    },
  },
  residents: {
    resloud01: {
      order: '001h',
      label: 'loudspeaker N',
      what: 'loudspeaker',
      at: [12.4, 0.4],
      height: 2.3,
      facing: 150,
    },
    resloud02: {
      order: '002h',
      label: 'loudspeaker S',
      what: 'loudspeaker',
      at: [12.4, 9.6],
      height: 2.3,
      facing: 210,
    },
  },
  screens: {
    screenroo: {
      order: '001h',
      label: 'room screen',
      at: [15.8, 5],
      width: 2.4,
      height: 1.1,
      facing: 180,
      refresh: 60,
    },
  },
  lamps: {
    lampstage: {
      order: '001h',
      label: 'stage lamps',
      kind: 'led',
      at: [12.2, 5],
      height: 2.7,
      kelvin: 4000,
      pulses: true,
    },
    lamphall1: {
      order: '002h',
      label: 'hall tubes',
      kind: 'fluorescent',
      at: [7, 5],
      height: 2.85,
      kelvin: 4000,
    },
    lampsouth: {
      order: '003h',
      label: 'south windows',
      kind: 'daylight',
      at: [8.5, 9.8],
      height: 1.6,
      kelvin: 6500,
    },
  },
  ceilingPoints: { hookstage: { label: 'hook over the stage', at: [13, 5], height: 2.8 } },
  mobileReadings: {
    moboffice: { label: 'first operator', at: [1.6, 8.6], up: 6.2, down: 21, taken: '2026-11-14T10:10:00Z' },
  },
  uploads: {
    uptest001: { at: '2026-11-14T10:05:00Z', up: 17.6, down: 61 },
    uptest002: { at: '2026-11-21T09:50:00Z', up: 15.9, down: 58 },
  },
};
