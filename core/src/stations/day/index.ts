/** Day: what to check, when and where, derived from the design; ticks are kept in the plan. */
import type { Link, Output, Shelf, Tick } from '../../documents/index.js';
import {
  calc,
  found,
  idFrom,
  inOrder,
  taken,
  type Figure,
  type MapOf,
  type Memo,
  type Unit,
} from '../../foundations/index.js';
import type { PackResult } from '../pack/index.js';
import type { Zone } from '../runs/floor.js';
import type { RunsResult } from '../runs/index.js';
import { layOrder } from '../runs/lay-order.js';
import type { ShotsResult } from '../shots/index.js';
import type { SignalResult } from '../signal/index.js';
import type { Station } from '../station.js';
import type { StreamResult } from '../stream/index.js';
import { orphanTick } from './snags/orphan-tick.js';
import { readingShort } from './snags/reading-short.js';

export interface DayReads {
  readonly ticks: MapOf<Tick> | undefined;
  readonly outputs: MapOf<Output> | undefined;
  readonly shelf: Shelf;
  readonly shots: ShotsResult;
  readonly signal: SignalResult;
  readonly links: MapOf<Link> | undefined;
  readonly stream: StreamResult;
  readonly runs: RunsResult;
  readonly pack: PackResult;
}

export const MOMENTS = [
  'Pack out',
  'Rig',
  'Plug in',
  'Line check',
  'Before doors',
  'Five minutes before',
  'End',
  'Count back in',
] as const;
export type Moment = (typeof MOMENTS)[number];

export interface Check {
  readonly moment: Moment;
  readonly label: string;
  readonly detail: string;
  /** Tape code of the thing, where it has one. */
  readonly tape: string | undefined;
  /** A reading is wanted, in this unit. */
  readonly unit: Unit | undefined;
  /** Path and value of the plan’s figure that the reading must reach. */
  readonly atLeast: { readonly path: string; readonly value: number } | undefined;
  readonly tick: string | undefined;
  readonly by: string | undefined;
  readonly at: string | undefined;
  readonly value: number | undefined;
}

export interface DayResult {
  /** By the check’s stable id, in order of doing within each moment. */
  readonly checks: Readonly<Record<string, Check>>;
  readonly done: Figure;
  readonly all: Figure;
  readonly moments: Readonly<Record<string, { readonly done: Figure; readonly all: Figure }>>;
  readonly readyForDoors: Figure;
}

interface Draft {
  readonly moment: Moment;
  readonly label: string;
  readonly detail?: string;
  readonly tape?: string | undefined;
  readonly unit?: Unit;
  readonly atLeast?: { readonly path: string; readonly figure: Figure };
}

/** The same check always has the same id, whatever else is in the design. */
export const checkId = (moment: Moment, what: string): string => idFrom(`${moment}/${what}`);

/** What the check of a lead says that is plugged in. */
interface PlugWords {
  readonly label: string;
  readonly detail: string;
  readonly tape: string | undefined;
}

/** Every lead of signals, from port to port, with its number. */
function plugWords(
  links: MapOf<Link> | undefined,
  { wiring }: SignalResult,
  runs: RunsResult['runs'],
): Record<string, PlugWords> {
  const name = (end: Link['from']): string =>
    end.device === undefined
      ? 'the venue'
      : `${wiring.devices[end.device]?.label ?? '?'} · ${wiring.portOf(end)?.label ?? '?'}`;
  return Object.fromEntries(
    inOrder(links).flatMap(([id, { from, to }]): [string, PlugWords][] => {
      const port = wiring.portOf(to) ?? wiring.portOf(from);
      if (!port || port.carries === 'power') return [];
      const detail = port.connector === 'air' ? 'over the air: paired, and seen on both' : port.connector;
      return [[id, { label: `${name(from)} → ${name(to)}`, detail, tape: runs[id]?.number }]];
    }),
  );
}

/** What the checks say of a lead; a moved camera mostly changes none of it. */
interface Lead {
  readonly label: string;
  readonly crossings: readonly Zone[];
  readonly tape: string | undefined;
}

function drafts(
  { outputs, signal, stream }: DayReads,
  lines: PackResult['lines'],
  leads: Readonly<Record<string, Lead>>,
  cameras: Readonly<Record<string, string>>,
  plugs: Readonly<Record<string, PlugWords>>,
): [string, Draft][] {
  const list: [string, Draft][] = [];
  const add = (what: string, draft: Draft): void => void list.push([checkId(draft.moment, what), draft]);
  for (const moment of ['Pack out', 'Count back in'] as const) {
    for (const [key, line] of Object.entries(lines)) {
      add(`${key}/${line.item ?? ''}`, {
        moment,
        label: line.count > 1 ? `${line.count} × ${line.label}` : line.label,
        detail: line.purpose,
        tape: line.tape,
      });
    }
  }
  for (const [id, label] of Object.entries(cameras)) {
    add(id, {
      moment: 'Rig',
      label: `${label} stands and points as planned`,
      detail: 'stand weighted, strain relief on the plug',
    });
  }
  for (const [id, lead] of Object.entries(leads)) {
    const over = lead.crossings.map(zone =>
      zone.kind === 'aisle' ? `ramp over ${zone.label}` : `overhead at ${zone.label}`,
    );
    add(id, {
      moment: 'Rig',
      label: lead.label,
      detail: ['laid and taped', ...over].join(', '),
      tape: lead.tape,
    });
  }
  for (const [id, words] of Object.entries(plugs)) {
    add(`plug/${id}`, { moment: 'Plug in', label: words.label, detail: words.detail, tape: words.tape });
  }
  for (const [id, setting] of Object.entries(signal.settings)) {
    if (typeof setting.value !== 'string') continue;
    const label = signal.wiring.devices[id]?.label ?? id;
    add(`setting/${id}`, { moment: 'Line check', label: `${label} is set to ${setting.value}` });
  }
  for (const [id, source] of Object.entries(signal.sources)) {
    if (source.input.value === null) continue;
    const label = signal.wiring.devices[id]?.label ?? id;
    add(id, {
      moment: 'Line check',
      label: `Picture from ${label}`,
      detail: `seen on ${String(source.input.value)}`,
    });
  }
  for (const [id, output] of inOrder(outputs)) {
    const words = {
      stream: 'is received over another line',
      recording: 'grows on the disk',
      screen: 'shows the programme',
    };
    add(id, { moment: 'Line check', label: `${output.label} ${words[output.kind]}` });
    const stopped = { stream: 'is ended', recording: 'is stopped and the file plays', screen: 'is dark' };
    add(id, { moment: 'End', label: `${output.label} ${stopped[output.kind]}` });
  }
  for (const [id, each] of Object.entries(stream.streams)) {
    add(`upload/${id}`, {
      moment: 'Before doors',
      label: 'Upload measured again',
      detail: 'on the venue’s line, nothing else running',
      unit: 'Mb/s',
      atLeast: { path: `stream.streams.${id}.lineRate`, figure: each.lineRate },
    });
  }
  for (const [id, each] of Object.entries(stream.recordings)) {
    add(`disk/${id}`, {
      moment: 'Five minutes before',
      label: 'Disk space free',
      unit: 'GB',
      atLeast: { path: `stream.recordings.${id}.needed`, figure: each.needed },
    });
  }
  add('exits', { moment: 'Before doors', label: 'Exits and aisles are clear, every lead taped or ramped' });
  add('sound', {
    moment: 'Five minutes before',
    label: 'Sound heard in headphones on the recording or stream',
  });
  return list;
}

const textOf = (figure: Figure): string | undefined =>
  typeof figure.value === 'string' ? figure.value : undefined;

function compute(reads: DayReads, memo: Memo): DayResult {
  const { ticks, outputs, signal, stream, runs, pack, shots } = reads;
  const cameras = memo.keep(
    'camera labels',
    Object.fromEntries(Object.entries(shots.cameras).map(([id, camera]) => [id, camera.label])),
  );
  const leads = memo.keep(
    'leads',
    Object.fromEntries(
      // In the order in which they are laid, as on the lay list of one person.
      layOrder(runs, 1).flatMap(({ link }) => {
        const run = runs.runs[link];
        return run ? [[link, { label: run.label, crossings: run.crossings, tape: textOf(run.cable) }]] : [];
      }),
    ),
  );
  const plugs = memo.keep('plugs', plugWords(reads.links, signal, runs.runs));
  const drafted = memo.once('drafts', [outputs, signal, stream, pack.lines, leads, cameras, plugs], () =>
    drafts(reads, pack.lines, leads, cameras, plugs),
  );
  return memo.once('result', [drafted, ticks], (): DayResult => {
    const byCheck = new Map(inOrder(ticks).map(([id, tick]) => [tick.check, [id, tick] as const]));
    const checks: Record<string, Check> = {};
    for (const moment of MOMENTS) {
      for (const [id, draft] of drafted) {
        if (draft.moment !== moment) continue;
        const [tick, entry] = byCheck.get(id) ?? [];
        const wanted = draft.atLeast?.figure.value;
        checks[id] = {
          moment,
          label: draft.label,
          detail: draft.detail ?? '',
          tape: draft.tape,
          unit: draft.unit,
          atLeast:
            draft.atLeast && typeof wanted === 'number'
              ? { path: draft.atLeast.path, value: wanted }
              : undefined,
          tick,
          by: entry?.by,
          at: entry?.at,
          value: entry?.value,
        };
      }
    }
    const count = (of: readonly Check[]): { done: Figure; all: Figure } => ({
      done: found(of.filter(check => check.tick !== undefined).length, 'pieces', 'checks with a tick'),
      all: found(of.length, 'pieces', 'checks that the design asks for'),
    });
    const list = Object.values(checks);
    const early = list.filter(check => MOMENTS.indexOf(check.moment) <= MOMENTS.indexOf('Before doors'));
    const open = found(
      early.filter(check => check.tick === undefined).length,
      'pieces',
      'checks without a tick up to “Before doors”',
    );
    return {
      checks,
      ...count(list),
      moments: Object.fromEntries(
        MOMENTS.map(moment => [moment, count(list.filter(check => check.moment === moment))]),
      ),
      readyForDoors: calc('', 'open = 0', [
        { ...taken('open', open, ''), from: { source: open.working.method ?? '' } },
      ]),
    };
  });
}

export const day: Station<DayReads, DayResult> = { name: 'day', rules: [readingShort, orphanTick], compute };
