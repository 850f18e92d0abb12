/** Pack: the gear checklist, derived from the design – devices, cables, adapters, batteries, tape, ramps. */
import { resultOf } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { cableLine, cablesOf, joinerLines } from './cable-lines.js';
import { missingOf, piecesOf, weightOf } from './counts.js';
import { batteryLines, deviceLines, fittingLines } from './device-lines.js';
import { PACK_FIGURES } from './figures.js';
import { caseResult, contentsOf } from './lifting/cases.js';
import { floorLines, rampPiecesFor, tapeRollsFor } from './floor-lines.js';
import type { PackLines, PackReads, PackResult } from './result.js';

export * from './result.js';

export const pack: Station<PackReads, PackResult> = {
  name: 'pack',
  figures: PACK_FIGURES,
  compute(reads, parts) {
    const devices = () => reads.devices;
    const kinds = () => reads.kinds;
    const shelf = () => reads.shelf;
    const runs = () => reads.runs.runs;
    const { hooks, mats } = { hooks: () => reads.runs.hooks, mats: () => reads.runs.mats };
    const tapeRolls = parts.part('tape rolls', { taped: () => reads.runs.taped }, tapeRollsFor);
    const rampPieces = parts.part('ramp pieces', { ramps: () => reads.runs.ramps }, rampPiecesFor);
    const contents = parts.part('contents', { devices, kinds: () => reads.kinds.kinds }, contentsOf);
    const cables = parts.part('cables', { runs }, cablesOf);
    const lines = parts.part(
      'lines',
      {
        devices: parts.part('device lines', { devices, kinds, shelf }, deviceLines),
        batteries: parts.part(
          'battery lines',
          { devices, kinds, shelf, changes: () => reads.batteryChanges },
          batteryLines,
        ),
        fittings: parts.part('fitting lines', { devices, kinds, shelf }, fittingLines),
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
    return resultOf<PackResult>({
      lines,
      tapeRolls,
      rampPieces,
      pieces: parts.part('pieces', { lines }, piecesOf),
      missing: parts.part('missing', { lines }, missingOf),
      weight: parts.part('weight', { lines, kinds }, weightOf),
      cases: parts.each(
        'cases',
        () => Object.entries(contents()),
        (_, inside) => ({
          contents: inside,
          devices: devices(),
          kinds: kinds().kinds,
          cases: Object.keys(contents()).length,
        }),
        caseResult,
      ),
    });
  },
};

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
