/** The demo venue: St Alder’s, Nether Quill – a stone nave with aisles, chancel and west gallery. */
import type { Area, Pillar, Venue } from '../documents/index.js';
import { box } from '../survey/shapes.js';

/** Two rows of four pillars, 3.9 m apart. */
function pillars(): Record<string, Pillar> {
  const all: Record<string, Pillar> = {};
  for (let i = 1; i <= 4; i++) {
    const x = Math.round((4.6 + (i - 1) * 3.9) * 10) / 10;
    all[`pillarn0${i}`] = { label: `N${i}`, at: [x, 3.2], size: 0.7 };
    all[`pillars0${i}`] = { label: `S${i}`, at: [x, 12.2], size: 0.7 };
  }
  return all;
}

const areas: Record<string, Area> = {
  chancel01: { label: 'chancel +0.3', kind: 'raised', outline: box(20, 4.4, 6, 6.6), floor: 0.3 },
  gallery01: {
    label: 'gallery +3.1',
    kind: 'gallery',
    outline: box(0.15, 3.4, 2.4, 8.6),
    floor: 3.1,
    underside: 2.8,
  },
  pewsnorth: { label: 'pews north', kind: 'seating', outline: box(4.2, 3.9, 9.8, 3), rowSpacing: 0.95 },
  pewssouth: { label: 'pews south', kind: 'seating', outline: box(4.2, 8.5, 9.8, 3), rowSpacing: 0.95 },
  aislecent: { label: 'centre aisle', kind: 'keep-clear', outline: box(3.6, 6.9, 11.6, 1.6), walk: 'x' },
  nofilmkid: { label: 'children', kind: 'no-film', outline: box(14.6, 0.15, 4.6, 2.65) },
  deskplace: {
    label: 'desk',
    kind: 'desk',
    outline: box(3.4, 14.3, 2.2, 0.9),
    top: 1.05,
    card: {
      buses: 'buses 5 and 6',
      fader: 'before',
      connector: 'XLR',
      level: 'line',
      distance: 2,
      setBy: 'the house sound operator',
    },
  },
  benchring: {
    label: 'ringers’ bench',
    kind: 'seating',
    outline: box(16.9, 12.3, 1.7, 0.6),
    seatedHead: 1.15,
  },
  camsnorth: { label: 'north aisle', kind: 'cameras', outline: box(4.2, 1.2, 9.6, 1.4) },
  camssouth: { label: 'south aisle', kind: 'cameras', outline: box(9, 12.9, 9.6, 1.7) },
};

export const stAlders: Venue = {
  version: 1,
  name: 'St Alder’s, Nether Quill',
  volts: 230,
  hertz: 50,
  zone: 'Europe/London',
  outline: [
    [0, 0],
    [20, 0],
    [20, 4.4],
    [26, 4.4],
    [26, 11],
    [20, 11],
    [20, 15.4],
    [0, 15.4],
  ],
  dimensions: {
    navelength: { order: '001h', label: 'Nave length', axis: 'x', from: 0, to: 20 },
    chanlength: { order: '002h', label: 'Chancel length', axis: 'x', from: 20, to: 26 },
    naveacross: { order: '003h', label: 'Width over the aisles', axis: 'y', from: 0, to: 15.4 },
  },
  pillars: pillars(),
  areas,
  stairs: {
    gallstair: {
      label: 'gallery stairs',
      outline: box(0.15, 12.2, 0.95, 2.4),
      head: 'gallery01',
      clear: 0.85,
    },
  },
  doors: {
    southdoor: {
      label: 'south door',
      kind: 'exit',
      height: 2.1,
      hinge: 'first',
      opens: 'left',
      jambs: [
        [6.8, 15.4],
        [8.2, 15.4],
      ],
    },
    vestrydoo: {
      label: 'vestry door',
      kind: 'inner',
      height: 2,
      hinge: 'second',
      opens: 'left',
      jambs: [
        [22.4, 11],
        [23.3, 11],
      ],
    },
  },
  marks: {
    marktable: {
      order: '001h',
      label: 'Tables',
      at: [17.2, 7.7],
      height: 1.5,
      facing: 180,
      light: 140,
      width: 4.5,
      people: 12,
      posture: 'standing',
    },
    marklecte: {
      order: '002h',
      label: 'Lectern',
      at: [18.6, 5],
      height: 1.6,
      facing: 180,
      light: 140,
      people: 1,
      posture: 'standing',
    },
    markchoir: {
      order: '003h',
      label: 'Choir',
      at: [22.6, 7.7],
      height: 1.6,
      facing: 180,
      light: 90,
      width: 5.5,
      people: 24,
      posture: 'standing',
    },
    marksolo1: {
      order: '004h',
      label: 'Soloist',
      at: [18.9, 10.2],
      height: 1.6,
      facing: 180,
      light: 140,
      people: 1,
      posture: 'standing',
    },
  },
  facts: {
    ceiling: 9.5,
    people: 180,
    access: 'south door from 16:30; the verger has the key and locks up at 22:00',
    parking: 'twelve places by the lychgate; unload at the south door, then move',
    emergency: 'gather at the lychgate; first aid box in the vestry; the verger has every key',
    noise: 'the organ blower hums in the north aisle',
  },
  houseLines: {
    hlinegall: {
      order: '001h',
      label: 'gallery line',
      make: 'coax-standard',
      length: 38,
      condition: 'good',
      ends: [
        [2.2, 11.6],
        [3.6, 14.4],
      ],
      tag: 'GAL 1',
    },
    hlinestag: {
      order: '002h',
      label: 'stage box 1–8',
      make: 'balanced-audio',
      length: 30,
      condition: 'good',
      ends: [
        [5.2, 14.4],
        [19.8, 12.4],
      ],
      tag: 'numbered 1 to 8',
    },
  },
  residents: {
    resloud01: {
      order: '001h',
      label: 'column loudspeaker N',
      what: 'loudspeaker',
      at: [15.9, 3.2],
      height: 2.6,
      facing: 180,
    },
    resloud02: {
      order: '002h',
      label: 'column loudspeaker S',
      what: 'loudspeaker',
      at: [15.9, 12.2],
      height: 2.6,
      facing: 180,
    },
  },
  lamps: {
    lampnave1: { order: '001h', label: 'nave floods', kind: 'led', at: [9, 7.7], height: 8, kelvin: 3000 },
    lampchan1: {
      order: '002h',
      label: 'chancel pendants',
      kind: 'halogen',
      at: [23, 7.7],
      height: 4.5,
      kelvin: 2800,
    },
    lampwest1: {
      order: '003h',
      label: 'west window',
      kind: 'daylight',
      at: [0.2, 7.7],
      height: 5,
      kelvin: 6500,
    },
  },
  lightReadings: {
    lightaisl: { label: 'north aisle', at: [10, 1.8], lux: 60, facing: 180, taken: '2026-11-19T19:20:00Z' },
  },
  mobileReadings: {
    mobporch1: { label: 'first operator', at: [7.5, 14.6], up: 3.8, down: 14, taken: '2026-11-19T19:40:00Z' },
    mobporch2: { label: 'second operator', at: [7.9, 14.6], up: 1.1, down: 6, taken: '2026-11-19T19:44:00Z' },
  },
  notes: {
    notestep1: {
      label: 'worn step',
      at: [20, 7.7],
      text: 'The chancel step is worn and dark: tape its edge.',
    },
  },
  circuits: {
    circnorth: {
      order: '001h',
      label: 'Circuit 1, north',
      amps: 16,
      others: {
        blowerone: { label: 'organ blower', watts: 900, factor: 0.8, from: '19:30', until: '21:15' },
      },
    },
    circsouth: { order: '002h', label: 'Circuit 2, south', amps: 16 },
    circvestr: {
      order: '003h',
      label: 'Circuit 3, vestry',
      amps: 13,
      others: { teaurn001: { label: 'tea urn', watts: 2400, factor: 1, from: '20:15', until: '22:00' } },
    },
  },
  sockets: {
    sktnorth1: {
      order: '001h',
      label: 'north aisle',
      at: [8.5, 0],
      outlets: 2,
      amps: 13,
      circuit: 'circnorth',
    },
    sktwest01: {
      order: '002h',
      label: 'under the gallery',
      at: [0, 9.4],
      outlets: 2,
      amps: 13,
      circuit: 'circsouth',
    },
    sktdesk01: {
      order: '003h',
      label: 'by the desk',
      at: [2.6, 15.4],
      outlets: 2,
      amps: 13,
      circuit: 'circsouth',
    },
    sktvestr1: {
      order: '004h',
      label: 'by the vestry',
      at: [20, 13.4],
      outlets: 4,
      amps: 13,
      circuit: 'circvestr',
    },
  },
  networkSockets: { netvestry: { label: 'vestry line', at: [20, 14.6] } },
  uploads: {
    uptest001: { at: '2026-11-06T19:40:00Z', up: 9.4 },
    uptest002: { at: '2026-11-13T19:35:00Z', up: 7.1 },
    uptest003: { at: '2026-11-20T19:32:00Z', up: 6.3 },
  },
};
