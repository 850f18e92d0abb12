/** A file with a record of every class that files can hold: the demo event, its library cut short, with the rest put in. */
import { fridayBundle } from '../../src/demo/index.js';
import { BUNDLE_FORMAT, type BundleFile, type Kind } from '../../src/documents/index.js';
import { allFields, type Field } from './fields.js';
import { Kind as KindClass } from '../../src/documents/kinds.js';

const [AT, BY] = ['2026-12-04T16:00:00Z', 'Petra Lund'] as const;
const SHOWN = [{ path: 'power.circuits.circuitone', shown: '6.1 A' }];
const NAMED = { label: 'named' };
const PLACED = { ...NAMED, order: '1' };
const ELSEWHERE = { person: 'petralund1', event: 'Supper', from: AT, begin: AT, end: AT, to: AT, here: true };
const TRAINED = { what: 'Pan-tilt', on: '2026-05-01', until: '2028-05-01', by: BY };

const friday = fridayBundle();
const { plan, venue, kinds, shelf, hands, rules, claims } = friday;

/** Kinds until every field that a kind has was seen once. */
const ROUND_PLUG: Kind = {
  fails: 2,
  usesUp: { kind: 'tapecloth', count: 2, hours: 8 },
  verdicts: { verdictone: { on: '2026-10-03', verdict: 'broke', event: 'Harvest', what: 'its plug' } },
  prices: {
    priceone01: {
      ...{ sort: 'used', net: true, on: '2026-11-01', source: 'an advertisement' },
      each: { amount: 14, currency: 'GBP' },
    },
  },
  label: 'Supply, 12 V, round plug',
  family: 'supply',
  ports: {
    dcout0001: {
      ...{ order: '1', label: '12 V', direction: 'out', connector: 'DC barrel', carries: 'power' },
      barrel: { outer: 5.5, inner: 2.1, centre: 'positive' },
    },
  },
};

function variedKinds(): Record<string, Kind> {
  const wanted = new Set(allFields(KindClass).map(({ name }: Field) => name));
  // One with two unlike ends besides the first cable that comes.
  const kept: Record<string, Kind> = { hdmidta2m: kinds.kinds.hdmidta2m as Kind, barrelkin: ROUND_PLUG };
  for (const [id, kind] of Object.entries(kinds.kinds)) {
    const seen = Object.keys(kind).filter(name => wanted.has(name));
    if (seen.length === 0) continue;
    kept[id] = kind;
    for (const name of seen) wanted.delete(name);
  }
  return kept;
}

const [device] = Object.keys(plan.devices ?? {});
const [link] = Object.keys(plan.links ?? {});
const [area] = Object.keys(venue.areas ?? {});
const first = <T>(all: Readonly<Record<string, T>> | undefined, id: string | undefined): T => {
  const record = all?.[id ?? ''];
  if (!record) throw new Error(`the demo event has no ${id ?? 'record'}`);
  return record;
};
const ownDevice = first(plan.devices, device);
const ownLink = first(plan.links, link);
const ownArea = first(venue.areas, area);
const [item] = Object.keys(shelf.items);

export const FULL: BundleFile = {
  format: BUNDLE_FORMAT,
  version: 1,
  ...friday,
  plan: {
    ...plan,
    rules: { slack: 12, reaches: { ethernet: 90 } },
    extras: {
      extraone01: {
        ...{ order: '1', label: 'Kettle', reason: 'the ringers ask for tea', count: 1, group: 'Desk' },
        ...{ kind: 'switchcom', item: item ?? '' },
      },
    },
    occasion: { label: 'Harvest weekend', stays: true },
    hours: { open: AT, locked: AT, quiet: AT },
    schedule: {
      ...{ spare: 12.5, share: 90 },
      work: { workone001: { order: '1', task: 'power', people: ['odilemarsh'], notBefore: 20 } },
      ...{ strike: {}, strikeSpare: 5 },
    },
    breaks: { mealbreak1: { order: '1', label: 'Meal', minutes: 30, at: 'once everything is rigged' } },
    workLog: { workdone01: { task: 'power', sort: 'powerUp', usual: 5, begun: AT, done: AT } },
    quote: {
      ...{ client: 'Friends of the chapel', number: '2026-11', on: '2026-11-20', validDays: 14 },
      ...{ hourly: { amount: 25, currency: 'GBP' }, crewHours: 20, costs: true, discount: 5, tax: 20 },
      terms: 'Half when it is booked, the rest after the event.',
      packages: {
        packageone: {
          ...{ order: '1', label: 'Three cameras', what: 'with stands', count: 1, days: 2, once: true },
          each: { amount: 180, currency: 'GBP' },
        },
      },
    },
    printedList: { at: AT, lines: [{ line: device ?? '', words: 'CAM 01', count: 1 }] },
    money: {
      ceiling: { amount: 900, currency: 'GBP' },
      hireDays: 2,
      needs: {
        needone01: {
          ...{ line: device ?? '', way: 'hire', net: true, days: 2 },
          ...{ from: 'A hire firm', delivery: '2026-12-01' },
          each: { amount: 12, currency: 'GBP' },
        },
      },
      costs: {
        costone01: {
          ...{ order: '1', label: 'Relay', sort: 'relay data', quantity: 4, copies: 3 },
          each: { amount: 0.05, currency: 'GBP' },
        },
      },
    },
    devices: {
      ...plan.devices,
      [device ?? '']: {
        ...ownDevice,
        buses: { busport01: { bus: 'programme' } },
        assembly: { id: 'assemblyone', version: 1 },
        settings: {
          settings01: {
            ...{ order: '1', label: 'Set-up', version: 2 },
            ...{ file: 'file00000001', name: 'a.bin', bytes: 9, at: AT },
          },
        },
        knobs: { knobone001: { order: '1', knob: 'Gain', to: '12 dB' } },
        afterTransport: { looks00001: { order: '1', look: 'the fan turns' } },
        states: { rig: 'standby', items: { itemwelco1: { state: 'peak' } } },
      },
    },
    fedTogether: { pairone01: { one: device ?? '', other: device ?? '', apart: true } },
    temperatures: { airone0001: { order: '1', at: AT, celsius: 6 } },
    batteryChanges: {
      change0001: { battery: device ?? '', item: 'itembig01', after: 30, done: AT, by: BY },
    },
    chargeReadings: { reading001: { battery: device ?? '', at: AT, percent: 60, by: BY } },
    assignments: {
      ...plan.assignments,
      assignmix1: { ...first(plan.assignments, 'assignmix1'), answer: { how: 'asked', at: AT } },
    },
    links: {
      ...plan.links,
      [link ?? '']: { ...ownLink, way: { pins: [{ at: [3, 3] }], avoid: ['aisleone1'], ceiling: true } },
    },
    venueChanges: { change0001: { path: '/volts', value: 120 } },
    packed: {
      packed0001: {
        line: device ?? '',
        in: device ?? '',
        at: { x: 0.1, y: 0, z: 0.2, turn: 'whd', space: 1 },
      },
    },
    printed: { printed001: { number: '12', words: 'C1 to SWITCHER', at: AT } },
    ticks: { tickone001: { check: 'the clock', by: BY, at: AT, value: 2 } },
    accepted: { accepted01: { snag: 'power.one', by: BY, reason: 'seen on site', at: AT, figures: SHOWN } },
    buckles: { brief: { by: BY, at: AT, figures: SHOWN, snags: SHOWN } },
  },
  venue: {
    ...venue,
    tracing: { picture: 'picture001', at: [0, 0], scale: 0.01, turn: 2, ink: 0.4 },
    walls: {
      innerwall1: {
        ...NAMED,
        line: [
          [1, 1],
          [2, 1],
        ],
      },
    },
    screens: { screenone1: { ...PLACED, at: [4, 4], width: 2, height: 2, facing: 90, refresh: 60 } },
    ceilingPoints: { ceiling001: { ...NAMED, at: [5, 5], height: 6, load: 40 } },
    residuals: { residual01: { order: '1', label: 'Main', trip: 30 } },
    sockets: {
      ...venue.sockets,
      sktnorth1: {
        ...first(venue.sockets, 'sktnorth1'),
        test: { at: AT, result: 'good', by: BY },
        proved: { at: AT, circuit: 'circnorth' },
      },
    },
    facts: {
      ...venue.facts,
      way: { distance: 20, steps: 3, doors: 1, width: 0.9, height: 2, slope: 4, floor: 'soft' },
    },
    tried: {
      triedone01: {
        order: '1',
        kind: 'capturehd',
        item: 'itemcap01',
        on: '2026-10-03',
        works: false,
        what: 'the network refused it',
      },
    },
    guesses: { guessone01: { order: '1', path: '/volts', label: 'Voltage' } },
    areas: { ...venue.areas, [area ?? '']: { ...ownArea, rake: { rise: 1, towards: 90 } } },
  },
  kinds: {
    ...kinds,
    kinds: variedKinds(),
    assemblies: {
      assemblyone: {
        label: 'Desk case',
        version: 1,
        carrier: 'partone001',
        parts: { partone001: ownDevice },
        links: { linkone001: ownLink },
        outside: { outside001: { order: '1', label: 'IN 1', part: 'partone001', port: 'portone001' } },
      },
    },
  },
  shelf: {
    items: {
      [item ?? '']: {
        ...first(shelf.items, item),
        ...{
          count: 1,
          serial: 'S1',
          condition: 'good',
          home: 'Cupboard',
          whereNow: 'Hall',
          kit: 'Speech kit',
        },
        goesWith: 'itemcam01',
        owner: { how: 'hired', who: 'A firm', back: '2026-12-09' },
        lent: { to: 'Players', on: '2026-12-01', back: '2026-12-03' },
        bought: {
          ...{ on: '2024-05-01', used: true, from: 'A shop' },
          price: { amount: 120.5, currency: 'GBP' },
        },
        insured: { amount: 100, currency: 'GBP' },
        tested: { on: '2026-05-01', result: 'passed', next: '2027-05-01', by: BY },
        photo: 'picture001',
        faults: {
          faultone01: {
            at: AT,
            what: 'crackles',
            by: BY,
            due: '2026-12-01',
            photo: 'picture002',
            mended: AT,
            how: 'lead',
          },
        },
        proof: { format: '1080p50', length: 10, works: true, at: AT, by: BY },
        meter: { meterone1: { at: AT, state: 'working', watts: 20, factor: 0.6, by: BY, accepted: true } },
        runs: {
          batrunone: { at: AT, minutes: 90, wattHours: 40, left: 5, celsius: 12, returned: 60, by: BY },
        },
      },
    },
  },
  hands: {
    people: {
      ...hands.people,
      petralund1: {
        ...first(hands.people, 'petralund1'),
        ...{ youngUntil: '2027-01-31', most: 3, travel: 25, seats: 3, lift: 12, mail: 'petra@example.org' },
        ...{ languages: 'English', needs: 'a chair', note: 'likes tea', training: { training01: TRAINED } },
        guardian: { name: 'Ada Lund', phone: '01632 960 120', mail: 'ada@example.org' },
        vetted: { until: '2027-05-01', by: BY },
        presence: {
          presence01: {
            ...{ how: 'come', from: '2026-01-01', until: '2026-12-31', rule: 'FREQ=MONTHLY;BYDAY=2SU,4SU' },
            ...{ except: ['2026-12-27'], start: '09:00', end: '13:00' },
          },
        },
        ties: { tieodile01: { person: 'odilemarsh', how: 'come together' } },
      },
    },
  },
  rules: {
    ...rules,
    paces: { ramp: { times: 1.2, least: 0.8, most: 1.7, pieces: 3 } },
    turnaround: 60,
    reaches: { ethernet: 90 },
    attention: { cut: 1.5, walk: 0.8 },
    crew: {
      ...{ rest: 11, restYoung: 12, restUnder15: 14, youngLeave: '21:30', vetted: true, between: 30 },
      ready: 85,
      wishes: { ratherNot: 5, apartFromHousehold: 3, learner: 2, change: 1 },
    },
    money: {
      ...{ tax: 20, reserve: 12, resale: 40, life: 5, buffer: 4 },
      rates: { rateeuro01: { currency: 'EUR', rate: 0.85, on: '2026-11-01', source: 'a bank' } },
    },
  },
  claims: {
    before: { event: 'Harvest supper', rigged: true, items: ['itemcam01'] },
    after: { event: 'Harvest service', items: ['itemcam01'] },
    claims: {
      ...claims.claims,
      claimone01: { item: item ?? '', event: 'Saturday', from: AT, to: AT, booked: true, count: 2 },
    },
    own: { from: AT, to: AT, items: { [item ?? '']: { count: 2 } } },
    duties: { dutyother1: ELSEWHERE },
  },
};
