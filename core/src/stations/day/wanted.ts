/** The checks that the design asks for, before anybody ticked them. */
import type { Link, Output } from '../../documents/index.js';
import { inOrder, type MapOf } from '../../foundations/index.js';
import type { PackLines } from '../pack/index.js';
import type { Zone } from '../runs/floor.js';
import type { RunsResult } from '../runs/index.js';
import { layOrder } from '../runs/lay-order.js';
import type { PlanWiring, SignalResult } from '../signal/index.js';
import type { StreamResult } from '../stream/index.js';
import { draft, type Drafts } from './draft.js';
import { crossingWords } from '../runs/crossing-marks.js';

/** Everything that leaves the cupboard, and comes back; what stays rigged between two events does neither. */
export const gearDrafts = ({ lines }: { readonly lines: PackLines }): Drafts =>
  (['Pack out', 'Count back in'] as const).flatMap(moment =>
    Object.entries(lines).map(([key, { item = '', count, label, purpose, tape, comesFrom, goesOnTo }]) => {
      const of = count > 1 ? `${count} × ${label}` : label;
      const handed = moment === 'Pack out' ? comesFrom : goesOnTo;
      if (handed?.rigged === true)
        return moment === 'Pack out'
          ? draft(`${key}/${item}`, {
              moment: 'Rig',
              label: `${of} still stands as after “${handed.event}”`,
              detail: purpose,
              tape,
            })
          : draft(`${key}/${item}`, {
              moment,
              label: `${of} stays as it is for “${handed.event}”`,
              detail: `${purpose}; locked up, or watched`,
              tape,
            });
      const way = handed && (moment === 'Pack out' ? 'comes from' : 'goes on to');
      return draft(`${key}/${item}`, {
        ...{ moment, label: of, tape },
        detail: way === undefined ? purpose : `${purpose}; ${way} “${handed?.event ?? ''}”`,
      });
    }),
  );

export const cameraLabels = ({
  cameras,
}: {
  readonly cameras: Readonly<Record<string, { readonly label: string }>>;
}): Readonly<Record<string, string>> =>
  Object.fromEntries(Object.entries(cameras).map(([id, { label }]) => [id, label]));

/** What the checks say of a lead; a moved camera mostly changes none of it. */
interface LeadWords {
  readonly label: string;
  readonly crossings: readonly Zone[];
  readonly tape: string | undefined;
}
type Leads = Readonly<Record<string, LeadWords>>;

/** Leads in the order in which they are laid, as on the lay list of one person. */
export const leadWords = ({ runs, looms }: Pick<RunsResult, 'runs' | 'looms'>): Leads =>
  Object.fromEntries(
    layOrder({ runs, looms }, 1).flatMap(({ link }): [string, LeadWords][] => {
      const run = runs[link];
      if (!run) return [];
      const tape = typeof run.cable.value === 'string' ? run.cable.value : undefined;
      return [[link, { label: run.label, crossings: run.crossings, tape }]];
    }),
  );

export const rigDrafts = ({
  cameras,
  leads,
}: {
  readonly cameras: Readonly<Record<string, string>>;
  readonly leads: Leads;
}): Drafts => [
  ...Object.entries(cameras).map(([id, label]) =>
    draft(id, {
      moment: 'Rig',
      label: `${label} stands and points as planned`,
      detail: 'stand weighted, strain relief on the plug',
    }),
  ),
  ...Object.entries(leads).map(([id, { label, crossings, tape }]) => {
    const over = crossings.map(crossingWords);
    return draft(id, { moment: 'Rig', label, detail: ['laid and taped', ...over].join(', '), tape });
  }),
];

interface Plugged {
  readonly links: MapOf<Link> | undefined;
  readonly wiring: PlanWiring;
  readonly runs: RunsResult['runs'];
  /** Leads that arrive plugged, each with its case. */
  readonly plugged: SignalResult['plugged'];
}

/** Every lead of signals to plug in, from port to port, with its number; a case that arrives wired is looked at once. */
export function plugDrafts({ links, wiring, runs, plugged }: Plugged): Drafts {
  const name = (end: Link['from']): string =>
    end.device === undefined
      ? 'the venue'
      : `${wiring.devices[end.device]?.label ?? '?'} · ${wiring.portOf(end)?.label ?? '?'}`;
  const cases = [...new Set(Object.values(plugged))].map(id => {
    const count = Object.values(plugged).filter(each => each === id).length;
    return draft(`case/${id}`, {
      moment: 'Plug in',
      label: `Everything in ${wiring.devices[id]?.label ?? '?'} is still plugged after its journey`,
      detail: count === 1 ? '1 lead inside' : `${count} leads inside`,
    });
  });
  const leads = inOrder(links).flatMap(([id, { from, to }]) => {
    const port = wiring.portOf(to) ?? wiring.portOf(from);
    if (!port || port.carries === 'power' || plugged[id] !== undefined) return [];
    const detail = port.connector === 'air' ? 'over the air: paired, and seen on both' : port.connector;
    return [
      draft(`plug/${id}`, {
        moment: 'Plug in',
        label: `${name(from)} → ${name(to)}`,
        detail,
        tape: runs[id]?.number,
      }),
    ];
  });
  return [...cases, ...leads];
}

/** Every computer's setting and every source's picture. */
export function sourceDrafts({
  settings,
  sources,
  devices,
}: Pick<SignalResult, 'settings' | 'sources'> & Pick<PlanWiring, 'devices'>): Drafts {
  const label = (id: string): string => devices[id]?.label ?? id;
  return [
    ...Object.entries(settings).flatMap(([id, { value }]) =>
      typeof value === 'string'
        ? [draft(`setting/${id}`, { moment: 'Line check', label: `${label(id)} is set to ${value}` })]
        : [],
    ),
    ...Object.entries(sources).flatMap(([id, { input }]) =>
      input.value === null
        ? []
        : [
            draft(id, {
              moment: 'Line check',
              label: `Picture from ${label(id)}`,
              detail: `seen on ${String(input.value)}`,
            }),
          ],
    ),
  ];
}

const ARRIVES: Readonly<Record<Output['kind'], string>> = {
  stream: 'is received over another line',
  recording: 'grows on the disk',
  screen: 'shows the programme',
  call: 'is seen and heard by somebody who called in, and hears them',
};
const ENDS: Readonly<Record<Output['kind'], string>> = {
  stream: 'is ended',
  recording: 'is stopped and the file plays',
  screen: 'is dark',
  call: 'is left, its microphone and camera off',
};

export const outputDrafts = ({ outputs }: { readonly outputs: MapOf<Output> | undefined }): Drafts =>
  inOrder(outputs).flatMap(([id, { label, kind }]) => [
    draft(id, { moment: 'Line check', label: `${label} ${ARRIVES[kind]}` }),
    draft(id, { moment: 'End', label: `${label} ${ENDS[kind]}` }),
  ]);

/** Readings that are compared with the plan, and the last looks round. */
export const lastDrafts = ({ streams, recordings }: Pick<StreamResult, 'streams' | 'recordings'>): Drafts => [
  ...Object.entries(streams).map(([id, { lineRate }]) =>
    draft(`upload/${id}`, {
      moment: 'Before doors',
      label: 'Upload measured again',
      unit: 'Mb/s',
      atLeast: lineRate,
      detail: 'on the venue’s line, nothing else running',
    }),
  ),
  ...Object.entries(recordings).map(([id, { needed }]) =>
    draft(`disk/${id}`, {
      moment: 'Five minutes before',
      label: 'Disk space free',
      unit: 'GB',
      atLeast: needed,
    }),
  ),
  draft('exits', {
    moment: 'Before doors',
    label: 'Exits and aisles are clear, every lead taped or ramped',
  }),
  ...(Object.keys(streams).length + Object.keys(recordings).length === 0
    ? []
    : [
        draft('sound', {
          moment: 'Five minutes before',
          label: 'Sound heard in headphones on the recording or stream',
        }),
      ]),
];
