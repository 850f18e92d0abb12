/** What each item of the running order asks of roles: how often each job is done, between the least and the most. */
import type { ItemAsks, RunningItem, Shot } from '../../documents/index.js';
import { inOrder, type MapOf } from '../../foundations/index.js';
import type { Job } from './attention.js';
import type { RoleResult } from './result.js';

/** How often a job is done in an item: a minute for cuts and calls, in all of it for others. */
export interface Asked {
  readonly job: Job;
  readonly least: number;
  /** Undefined where nothing says. */
  readonly most: number | undefined;
}

/** What a role is asked in an item. */
export interface RoleAsked {
  readonly role: RoleResult;
  readonly jobs: readonly Asked[];
}

/** What is known of the mix beside the running order. */
export interface Mix {
  /** Pictures that come into it. */
  readonly pictures: number | undefined;
  /** Cameras that come into it. */
  readonly cameras: readonly string[];
}

/** Jobs that are counted by the minute. */
export const BY_MINUTE: ReadonlySet<Job> = new Set<Job>(['cut', 'call']);

/** Jobs of which the running order counts one thing. */
const COUNTED: Readonly<Record<keyof ItemAsks, readonly Job[]>> = {
  cuts: ['cut', 'call'],
  captions: ['caption'],
  slides: ['slide'],
  reframes: ['reframe'],
  clips: ['clip'],
  cues: ['cue'],
  chats: ['chat'],
};

const COUNTS = Object.fromEntries(
  Object.entries(COUNTED).flatMap(([name, jobs]) => jobs.map(job => [job, name])),
) as Readonly<Record<Job, keyof ItemAsks>>;

/** Under which name of the running order a job is counted. */
export const countOf = (job: Job): keyof ItemAsks => COUNTS[job];

/** What an item asks of some roles that one person does; `others` are roles that somebody else does, or nobody yet. */
export function askedOf(
  own: readonly RoleResult[],
  others: readonly RoleResult[],
  item: RunningItem & { readonly id: string },
  shots: MapOf<Shot> | undefined,
  mix: Mix,
): readonly RoleAsked[] {
  const said = (job: Job): number | undefined => item.asks && (item.asks[countOf(job)] ?? 0);
  return own.map(role => ({
    role,
    jobs: role.done.jobs.flatMap((job): Asked[] => {
      switch (job) {
        case 'cut':
          return [cutsOf(said(job), mix)];
        case 'call':
          return [callsOf(said(job), mix, others)];
        case 'reframe':
          return role.done.cameras.map(camera => reframesOf(said(job), camera, item, shots));
        default: {
          const count = said(job);
          return [{ job, least: count ?? 0, most: count }];
        }
      }
    }),
  }));
}

/** Where only one picture comes in there is nothing to cut to. */
function cutsOf(said: number | undefined, { pictures }: Mix): Asked {
  if (pictures !== undefined && pictures < 2) return { job: 'cut', least: 0, most: 0 };
  return { job: 'cut', least: said ?? 0, most: said };
}

/** A camera is called before the cut to it where somebody else works it; how many of the cuts go to those is not said. */
function callsOf(said: number | undefined, { pictures, cameras }: Mix, others: readonly RoleResult[]): Asked {
  const worked = new Set(others.flatMap(({ done }) => done.cameras));
  const called = cameras.filter(id => worked.has(id)).length;
  if (called === 0) return { job: 'call', least: 0, most: 0 };
  return { job: 'call', least: called === pictures ? (said ?? 0) : 0, most: said };
}

/** Each further shot of a camera in one item is framed anew; how often besides, the running order says. */
function reframesOf(
  said: number | undefined,
  camera: string,
  { id, mark }: RunningItem & { readonly id: string },
  shots: MapOf<Shot> | undefined,
): Asked {
  const own = inOrder(shots).filter(
    ([, shot]) =>
      shot.camera === camera &&
      shot.window !== true &&
      (shot.items ? shot.items.includes(id) : mark !== undefined && shot.mark === mark),
  ).length;
  return { job: 'reframe', least: said ?? Math.max(0, own - 1), most: said };
}
