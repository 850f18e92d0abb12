/** Day: what to check, when and where, derived from the design; ticks are kept in the plan. */
import { resultOf } from '../../foundations/index.js';
import type { Station } from '../station.js';
import { allOf, checksOf, doneOf, momentsOf, readyOf } from './checks.js';
import type { Drafts } from './draft.js';
import { DAY_FIGURES } from './figures.js';
import type { DayReads, DayResult } from './result.js';
import * as cases from './case-drafts.js';
import * as wanted from './wanted.js';

export * from './result.js';

export const day: Station<DayReads, DayResult> = {
  name: 'day',
  figures: DAY_FIGURES,
  compute(reads, parts) {
    const wiring = () => reads.signal.wiring;
    const runs = () => reads.runs.runs;
    const cameras = parts.part('camera labels', { cameras: () => reads.shots.cameras }, wanted.cameraLabels);
    const leads = parts.part('leads', { runs, looms: () => reads.runs.looms }, wanted.leadWords);
    const { signal, stream } = reads;
    const drafts = parts.part(
      'drafts',
      {
        gear: parts.part('gear', { lines: () => reads.pack.lines }, wanted.gearDrafts),
        lids: parts.part('lids', { devices: () => reads.devices, kinds: () => reads.kinds }, cases.lidDrafts),
        filters: parts.part(
          'filters',
          { devices: () => reads.devices, kinds: () => reads.kinds },
          cases.filterDrafts,
        ),
        kept: parts.part('kept', { devices: () => reads.devices }, cases.keptDrafts),
        lash: parts.part('lash', { vehicles: () => reads.pack.vehicles }, cases.lashDrafts),
        rig: parts.part('rig', { cameras, leads }, wanted.rigDrafts),
        plugs: parts.part(
          'plugs',
          { links: () => reads.links, wiring, runs, plugged: () => signal.plugged },
          wanted.plugDrafts,
        ),
        sources: parts.part(
          'sources',
          {
            settings: () => signal.settings,
            sources: () => signal.sources,
            devices: () => wiring().devices,
          },
          wanted.sourceDrafts,
        ),
        outputs: parts.part('outputs', { outputs: () => reads.outputs }, wanted.outputDrafts),
        last: parts.part(
          'last',
          { streams: () => stream.streams, recordings: () => stream.recordings },
          wanted.lastDrafts,
        ),
      },
      together,
    );
    const checks = parts.part('checks', { drafts, ticks: () => reads.ticks }, checksOf);
    return resultOf<DayResult>({
      checks,
      done: parts.part('done', { checks }, doneOf),
      all: parts.part('all', { checks }, allOf),
      moments: parts.part('moments', { checks }, momentsOf),
      readyForDoors: parts.part('ready for doors', { checks }, readyOf),
    });
  },
};

const LISTS = [
  'gear',
  'lids',
  'filters',
  'kept',
  'lash',
  'rig',
  'plugs',
  'sources',
  'outputs',
  'last',
] as const;

const together = (lists: Readonly<Record<(typeof LISTS)[number], Drafts>>): Drafts =>
  LISTS.flatMap(list => lists[list]);
