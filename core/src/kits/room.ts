/** The plain room that starter kits are planned over: seats, an aisle, sockets on every wall. */
import type { Venue } from '../documents/index.js';
import { inWords, type UnitSystem } from '../foundations/index.js';
import { box } from '../survey/shapes.js';

/** Its size, m. */
const SIZE = [16, 10] as const;

/** Its length and width in the units of a house: `16 m × 10 m`. */
export const plainRoomSize = (system: UnitSystem): string =>
  SIZE.map(metres => inWords(metres, 'm', system)).join(' × ');

export const plainRoom = (volts: number, hertz: 50 | 60, system: UnitSystem = 'metric'): Venue => ({
  version: 1,
  name: `A plain room, ${plainRoomSize(system)}`,
  volts,
  hertz,
  facts: { ceiling: 4.2, people: 120 },
  outline: box(0, 0, ...SIZE),
  dimensions: {
    roomlong1: { order: '001h', label: 'Length', axis: 'x', from: 0, to: SIZE[0] },
    roomwide1: { order: '002h', label: 'Width', axis: 'y', from: 0, to: SIZE[1] },
  },
  areas: {
    seatsnort: { label: 'seats north', kind: 'seating', outline: box(4.5, 1.8, 5, 2.5), rowSpacing: 0.95 },
    seatssout: { label: 'seats south', kind: 'seating', outline: box(4.5, 5.7, 5, 2.5), rowSpacing: 0.95 },
    stageeast: { label: 'stage +0.8', kind: 'raised', outline: box(12, 1.5, 3.4, 7), floor: 0.8 },
    aislemid1: { label: 'middle aisle', kind: 'keep-clear', outline: box(4.5, 4.3, 5, 1.4), walk: 'x' },
    camsback1: { label: 'behind the seats', kind: 'cameras', outline: box(0.6, 0.8, 3.4, 6) },
    deskback1: { label: 'desk', kind: 'desk', outline: box(0.8, 7.6, 2.6, 1.6) },
  },
  doors: {
    doorexit1: {
      label: 'door',
      kind: 'exit',
      height: 2.1,
      jambs: [
        [4.4, 10],
        [6, 10],
      ],
    },
  },
  marks: {
    markspeak: {
      order: '001h',
      label: 'Lectern',
      at: [13.2, 3.6],
      height: 1.6,
      facing: 180,
      light: 500,
      people: 1,
      posture: 'standing',
    },
    markgroup: {
      order: '002h',
      label: 'Group',
      at: [13.2, 6],
      height: 1.25,
      facing: 180,
      light: 450,
      width: 3.2,
      people: 4,
      posture: 'seated',
    },
  },
  circuits: {
    circuitno: { order: '001h', label: 'north', amps: 16 },
    circuitso: { order: '002h', label: 'south', amps: 16 },
  },
  sockets: {
    sktwest01: { order: '001h', label: 'west', at: [0, 4], outlets: 4, amps: 13, circuit: 'circuitno' },
    sktdesk01: { order: '002h', label: 'desk', at: [0, 8.6], outlets: 4, amps: 13, circuit: 'circuitso' },
    sktnorth1: { order: '003h', label: 'north', at: [12, 0], outlets: 4, amps: 13, circuit: 'circuitno' },
    sktsouth1: { order: '004h', label: 'south', at: [11, 10], outlets: 4, amps: 13, circuit: 'circuitso' },
    sktneast1: {
      order: '005h',
      label: 'north-east',
      at: [16, 2],
      outlets: 4,
      amps: 13,
      circuit: 'circuitno',
    },
    sktseast1: {
      order: '006h',
      label: 'south-east',
      at: [16, 8],
      outlets: 4,
      amps: 13,
      circuit: 'circuitso',
    },
    sktnwest1: { order: '007h', label: 'north-west', at: [2, 0], outlets: 4, amps: 13, circuit: 'circuitno' },
  },
  networkSockets: { netdesk01: { label: 'line', at: [0, 8], speed: 100 } },
});
