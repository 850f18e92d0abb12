/** Pack: the gear checklist, derived from the design – devices, cables, adapters, batteries, tape, ramps. */
import { asItIs, inOrder, pick, resultOf, type Figure, type Parts } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { cableLine, cablesOf, joinerLines } from './cable-lines.js';
import { missingOf, piecesOf, weightOf } from './counts.js';
import { accessoryLines, batteryLines, deviceLine, listedDevice, fittingLines } from './device-lines.js';
import { PACK_FIGURES } from './figures.js';
import { carriedOf } from './carrying/carried.js';
import { caseResult, contentsOf, type CasesIn } from './lifting/cases.js';
import { moneyOf, type MoneyReads } from './money/index.js';
import { packedSize } from './packing/sizes.js';
import { looseOf, roomOf } from './packing/room.js';
import { travelsIn } from './packing/travels.js';
import { piecesByVehicle, vehicleResult, type PiecesIn } from './vehicles/vehicle.js';
import { addedLines, sparesOf, spareLines, usedUpLines, usedUpOf } from './extra-lines.js';
import { floorLines, rampPiecesFor, tapeRollsFor } from './floor-lines.js';
import type { PackLines, PackReads, PackResult } from './result.js';
import { withHandedOn } from './handed-on.js';
import { workedHereOf } from './worked-here.js';

export * from './result.js';

export const pack: Station<PackReads, PackResult> = {
  name: 'pack',
  figures: PACK_FIGURES,
  compute(reads, parts) {
    const devices = () => reads.devices;
    const kinds = () => reads.kinds;
    const shelf = () => reads.shelf;
    const runs = () => reads.runs.runs;
    const { listed, tapeRolls, rampPieces, usedUp, spares } = listPart(reads, parts);
    const ofKinds = () => reads.kinds.kinds;
    const travels = parts.part(
      'travels',
      { lines: listed, devices, kinds: ofKinds, packed: () => reads.packed },
      travelsIn,
    );
    const cased = parts.part('lines with cases', { lines: listed, travels, devices }, withCases);
    const lines = parts.part(
      'lines handed on',
      { lines: cased, before: () => reads.claims.before, after: () => reads.claims.after },
      withHandedOn,
    );
    const sizes = parts.each(
      'sizes',
      () => Object.entries(listed()),
      (id, { kind, count }) => ({
        kind,
        count,
        kinds: ofKinds(),
        run: kind === undefined ? runs()[id.split(' ')[0] ?? ''] : undefined,
      }),
      (_, { kinds: all, run, ...line }) => packedSize(line, all, run),
    );
    const contents = parts.part('contents', { lines, travels, devices, kinds: ofKinds }, contentsOf);
    const cases = parts.each(
      'cases',
      () => Object.entries(contents()),
      (_, inside) => ({
        contents: inside,
        devices: devices(),
        kinds: kinds().kinds,
        cases: Object.keys(contents()).length,
        ...{ people: reads.people, way: reads.way },
      }),
      caseResult,
    );
    const packed = () => reads.packed;
    return resultOf<PackResult>({
      lines,
      tapeRolls,
      rampPieces,
      usedUp,
      spares,
      pieces: parts.part('pieces', { lines }, piecesOf),
      missing: parts.part('missing', { lines }, missingOf),
      weight: parts.part('weight', { lines, kinds }, weightOf),
      travels,
      sizes,
      loose: parts.part('loose', { lines, travels, kinds: ofKinds }, looseOf),
      rooms: roomsPart(parts, { contents, travels, sizes, devices, kinds: ofKinds }),
      cases,
      carried: parts.part(
        'carried',
        { lines, travels, cases, devices, kinds: ofKinds, way: () => reads.way },
        carriedOf,
      ),
      workedHere: parts.part('worked here', { devices, tried: () => reads.tried }, workedHereOf),
      money: () => moneyOf(parts, moneyReads(reads, parts, { lines, kinds, shelf, runs, tapeRolls })),
      vehicles: vehiclesPart(parts, { lines, travels, sizes, cases, devices, kinds: ofKinds, packed }),
    });
  },
};

/** The checklist before it is put into cases: what the plan is made of, what goes with that, and what people want besides. */
function listPart(reads: PackReads, parts: Parts) {
  const devices = () => reads.devices;
  const kinds = () => reads.kinds;
  const shelf = () => reads.shelf;
  const runs = () => reads.runs.runs;
  const { hooks, mats } = { hooks: () => reads.runs.hooks, mats: () => reads.runs.mats };
  const tapeRolls = parts.part('tape rolls', { taped: () => reads.runs.taped }, tapeRollsFor);
  const rampPieces = parts.part('ramp pieces', { ramps: () => reads.runs.ramps }, rampPiecesFor);
  const cables = parts.part('cables', { runs }, cablesOf);
  const designed = parts.part(
    'lines',
    {
      devices: parts.each(
        'device lines',
        () => inOrder(devices()),
        (_, device) => listedDevice(device, { devices: devices(), kinds: kinds(), shelf: shelf() }),
        deviceLine,
      ),
      batteries: parts.part(
        'battery lines',
        { devices, kinds, shelf, changes: () => reads.batteryChanges },
        batteryLines,
      ),
      fittings: parts.part(
        'fitting lines',
        { devices, kinds, shelf, claims: () => reads.claims },
        fittingLines,
      ),
      cables: parts.each(
        'cable lines',
        cables,
        (_, cable) => ({ ...cable, shelf: shelf(), kinds: kinds(), units: reads.units }),
        cableLine,
      ),
      joiners: parts.part('joiner lines', { runs, kinds, shelf }, joinerLines),
      floor: parts.part('floor lines', { tapeRolls, rampPieces, hooks, mats, kinds, shelf }, floorLines),
    },
    together,
  );
  const usedUp = parts.part('used up', { devices, kinds, phases: () => reads.phases }, usedUpOf);
  const taken = parts.part(
    'lines and more',
    {
      lines: designed,
      added: parts.part('added lines', { extras: () => reads.extras, kinds, shelf }, addedLines),
      used: parts.part('used up lines', { usedUp, kinds, shelf }, usedUpLines),
    },
    withMore,
  );
  const accessories = parts.part('accessory lines', { lines: taken, kinds, shelf }, accessoryLines);
  const without = parts.part('lines and accessories', { lines: taken, accessories }, both);
  const { spareLeads, spareRisk } = reads;
  const spares = parts.part(
    'spares',
    { lines: without, kinds, spareLeads: () => spareLeads, spareRisk: () => spareRisk },
    sparesOf,
  );
  const spared = parts.part('spare lines', { spares, lines: without, devices, kinds, shelf }, spareLines);
  const listed = parts.part('lines and spares', { lines: without, accessories: spared }, both);
  return { listed, tapeRolls, rampPieces, usedUp, spares };
}

/** What money reads of what Pack reads and has found. */
const moneyReads = (
  reads: PackReads,
  parts: Parts,
  own: Pick<MoneyReads, 'lines' | 'kinds' | 'shelf' | 'runs'> & { readonly tapeRolls: () => Figure },
): MoneyReads => ({
  ...own,
  claims: () => reads.claims,
  money: () => reads.money,
  house: parts.part(
    'money of the house',
    { currency: () => reads.currency, money: () => reads.moneyRules },
    asGiven,
  ),
  start: () => reads.start,
  end: () => reads.end,
  zone: () => reads.zone,
  taken: {
    data: parts.part('data of streams', { streams: () => reads.streams }, dataOf),
    phases: () => reads.phases,
    tapeRolls: own.tapeRolls,
  },
});

const dataOf = ({ streams }: Pick<PackReads, 'streams'>): readonly Figure[] =>
  inOrder(streams).map(([, { data }]) => data);

const asGiven = <T>(input: T): T => input;

/** Lines with the nearest case that each travels in. */
const withCases = ({ lines, travels, devices }: Pick<CasesIn, 'lines' | 'travels' | 'devices'>): PackLines =>
  Object.fromEntries(
    Object.entries(lines).map(([id, line]) => {
      const [nearest] = travels[id] ?? [];
      return [id, nearest === undefined ? line : { ...line, inside: devices?.[nearest]?.label }];
    }),
  );

/** The room in each case that is no rack. */
const roomsPart = (
  parts: Parts,
  {
    contents,
    travels,
    sizes,
    devices,
    kinds,
  }: {
    readonly contents: () => ReturnType<typeof contentsOf>;
    readonly travels: () => PackResult['travels'];
    readonly sizes: () => PackResult['sizes'];
    readonly devices: () => PackReads['devices'];
    readonly kinds: () => PackReads['kinds']['kinds'];
  },
) => {
  const entries = () => Object.entries(contents());
  const own = (id: string): string[] =>
    Object.keys(contents()[id] ?? {}).filter(line => travels()[line]?.[0] === id);
  const lines = parts.each('in rooms', entries, (id, all) => pick(all, own(id)), asItIs);
  const taken = parts.each('sizes in rooms', entries, id => pick(sizes(), own(id)), asItIs);
  return parts.each(
    'rooms',
    entries,
    (id, all) => {
      const { kind = '', label = '' } = devices()?.[id] ?? {};
      const hold = kinds()[kind]?.hold;
      const [held, room] = [lines()[id] ?? {}, taken()[id] ?? {}];
      return hold && { label, kind, hold, held, sizes: room, all, kinds: kinds() };
    },
    roomOf,
  );
};

/** The vehicles, each remembered for the pieces that are loaded in it. */
const vehiclesPart = (parts: Parts, reads: { readonly [Key in keyof PiecesIn]: () => PiecesIn[Key] }) => {
  const { devices, kinds } = reads;
  const loaded = parts.part('pieces by vehicle', reads, piecesByVehicle);
  const pieces = parts.each(
    'pieces in vehicles',
    () => Object.entries(loaded()),
    (_, own) => own,
    asItIs,
  );
  return parts.each(
    'vehicles',
    () => Object.entries(loaded()),
    id => {
      const { kind = '', label = '', aboard = 0 } = devices()?.[id] ?? {};
      const vehicle = kinds()[kind]?.vehicle;
      return vehicle && { label, kind, vehicle, aboard, pieces: pieces()[id] ?? {} };
    },
    vehicleResult,
  );
};

const both = ({ lines, accessories }: Readonly<Record<'lines' | 'accessories', PackLines>>): PackLines =>
  Object.keys(accessories).length === 0 ? lines : { ...lines, ...accessories };

const withMore = ({
  lines,
  added,
  used,
}: Readonly<Record<'lines' | 'added' | 'used', PackLines>>): PackLines =>
  Object.keys(added).length + Object.keys(used).length === 0 ? lines : { ...lines, ...added, ...used };

const together = (
  lists: Readonly<Record<'devices' | 'batteries' | 'fittings' | 'cables' | 'joiners' | 'floor', PackLines>>,
) => ({
  ...lists.devices,
  ...lists.batteries,
  ...lists.fittings,
  ...lists.cables,
  ...lists.joiners,
  ...lists.floor,
});
