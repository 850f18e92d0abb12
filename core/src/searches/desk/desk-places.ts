/** Where the desk goes: places compared by leads, sound feed, mains, what one sees from there, and who sees it. */
import { assess, type Assessment } from '../../assess.js';
import type { Area, Bundle, Plan, Venue } from '../../documents/index.js';
import {
  blockingOf,
  boxMiddle,
  CostField,
  distance,
  floorAt,
  idFrom,
  inOrder,
  inWords,
  pointerOf,
  type Point,
  type UnitSystem,
} from '../../foundations/index.js';
import { TABLE_HEIGHT } from '../../stations/ground/places.js';
import { floorOf } from '../../stations/runs/floor.js';
import { shareOfPicture, type Picture } from '../../stations/shots/gear-in-picture.js';
import { CLEARANCE } from '../../stations/shots/figures/sight.js';
import { hiddenShare, nearestHeads, seatsBetween } from '../../stations/shots/sight.js';
import { hubOf } from './hub.js';
import { provenLeast, type Found, type Offer, type Progress, type Search } from '../search.js';
import { spotsOf } from '../placement/places.js';
import { editPlan, inPlan } from '../../edits.js';

export interface DeskPlace {
  readonly id: string;
  readonly at: Point;
  /** The area of the survey it is in; undefined = plain floor. */
  readonly area: string | undefined;
  /** It stands there now. */
  readonly now: boolean;
  /** Length of all leads between the desk and everything else, m. */
  readonly leads: number;
  /** Of the lead to the sound desk, m; undefined without one. */
  readonly sound: number | undefined;
  /** To the nearest socket, straight, m; undefined without any. */
  readonly socket: number | undefined;
  /** Marks that whoever sits there sees, and how many there are. */
  readonly seen: number;
  readonly marks: number;
  /** Shots whose picture it stands in. */
  readonly pictures: number;
  /** Points it costs; the least is best. */
  readonly cost: number;
}

/** Points: for a metre of lead, a metre to a socket, a mark that is not seen, and a picture it stands in. */
const COSTS = { lead: 0.02, socket: 0.02, unseen: 0.3, picture: 1 } as const;
/** Side of the floor that a desk with somebody at it takes, its height, and the eyes of who sits there, m. */
const DESK = { side: 1.2, depth: 0.8, top: 1.3, eyes: 1.2 } as const;
const GRID = 1;
/** Places that are looked at between two reports. */
const PACE = 50;
/** Places offered, and how far apart they are at least, m. */
const OFFERED = 4;
const APART = 3;
/** Less than this of a picture does not count. */
const SEEN = 0.01;

export interface DeskTask {
  /** What stands at the desk and is moved with it; undefined while nothing of that kind has a place. */
  readonly carrier: string | undefined;
  /** Where it stands, or where new gear would: at the desk of the house. */
  readonly now: Point | undefined;
  readonly candidates: readonly Point[];
  readonly price: (at: Point) => Priced;
  readonly units: UnitSystem;
  readonly plan: Plan;
}

type Priced = Omit<DeskPlace, 'id' | 'now'>;
/** What of an assessment is asked. */
export type DeskReads = Pick<Assessment, 'ground' | 'rules' | 'shots'>;

/** The best places for the desk, and where it stands now, the cheapest first. */
export const deskPlaces: Search<object, DeskTask, readonly DeskPlace[]> = {
  name: 'desk',
  about: 'places for the desk',
  problemOf,
  solve: compared,
};

/** The desk at other places than where it stands, the best first. */
export function* deskMoves(bundle: Bundle): Generator<Progress, readonly Offer[]> {
  const problem = yield* problemOf(bundle);
  const { offers } = yield* compared(problem);
  return offers;
}

function* problemOf(bundle: Bundle): Generator<Progress, DeskTask> {
  yield { stage: 'problem', share: 0 };
  return taskOf(bundle, assess(bundle));
}

function taskOf(bundle: Bundle, assessment: DeskReads): DeskTask {
  const { ground, rules } = assessment;
  const hub = hubOf(bundle, ground);
  return {
    carrier: hub?.carrier,
    now: hub?.at ?? houseDesk(ground.venue),
    candidates: candidatesFor(hub?.carrier, bundle, assessment),
    price: pricing(bundle, assessment, hub?.carrier),
    units: rules.units,
    plan: bundle.plan,
  };
}

/** The desk of the house, m: the area of the survey, else what is said to stand there. */
export function houseDesk({ areas, residents }: Venue): Point | undefined {
  const desk = inOrder(areas).find(([, { kind }]) => kind === 'desk');
  if (desk) return boxMiddle(desk[1].outline);
  return inOrder(residents).find(([, { what }]) => what === 'desk')?.[1].at;
}

/** The place for a desk that costs least, m; undefined where no floor is free for one, or nothing tells places apart. */
export function bestDesk(bundle: Bundle, assessment: DeskReads): Point | undefined {
  const { candidates, price } = taskOf(bundle, assessment);
  const priced = candidates.map(price).sort((a, b) => a.cost - b.cost);
  return priced[0]?.cost === priced.at(-1)?.cost ? undefined : priced[0]?.at;
}

function* compared(task: DeskTask): Generator<Progress, Found<readonly DeskPlace[]>> {
  const { now, candidates, price } = task;
  const placeAt = (at: Point): DeskPlace => ({ id: at.join(' '), ...price(at), now: at === now });
  const others: DeskPlace[] = [];
  for (const [i, at] of candidates.entries()) {
    if (i % PACE === PACE - 1) yield { stage: 'solving', share: i / candidates.length };
    others.push(placeAt(at));
  }
  const told = now ? [placeAt(now)] : [];
  for (const each of others.sort((a, b) => a.cost - b.cost)) {
    if (told.length === OFFERED + (now ? 1 : 0)) break;
    if (told.every(({ at }) => distance(at, each.at) >= APART)) told.push(each);
  }
  const answer = told.sort((a, b) => a.cost - b.cost);
  return {
    answer,
    objectives: answer.slice(0, 1).map(({ cost }) => provenLeast('cost of the place', 'points', cost)),
    // The desk of the house stays where it is.
    offers: houseOnly(task) ? [] : answer.filter(place => !place.now).map(place => moveTo(place, task)),
  };
}

const houseOnly = ({ carrier, now }: DeskTask): boolean => carrier === undefined && now !== undefined;

/** What stands at the desk moved to a place; while nothing does, a table there, at which new gear will stand. */
function moveTo({ id, at, area }: DeskPlace, { carrier, units, plan }: DeskTask): Offer {
  const where = area ?? at.map(each => inWords(each, 'm', units)).join(' · ');
  if (carrier !== undefined) {
    const { change } = inPlan().put('devices', carrier, 'place', 'at', at);
    return { id, label: `Move the desk to ${where}`, changes: [change] };
  }
  const [x, y] = at;
  const [across, down] = [DESK.side / 2, DESK.depth / 2];
  const value: Area = {
    label: 'DESK',
    kind: 'desk',
    top: TABLE_HEIGHT,
    outline: [
      [x - across, y - down],
      [x + across, y - down],
      [x + across, y + down],
      [x - across, y + down],
    ],
  };
  const key = idFrom(`desk/${id}`);
  const added = editPlan(plan).put('venueChanges', key, { path: pointerOf('areas', key), value });
  return { id, label: `Put a table for the desk at ${where}`, changes: [added.change] };
}

/** Middles of desks in the survey, and free floor of a grid. */
function candidatesFor(carrier: string | undefined, { plan }: Bundle, { ground, rules }: DeskReads): Point[] {
  const desks = inOrder(ground.venue.areas).filter(([, { kind }]) => kind === 'desk');
  const standing = inOrder(plan.devices).flatMap(([id, { label }]) => {
    const place = ground.places[id];
    return place?.at && place.carrier === id && id !== carrier ? [{ label, at: place.at }] : [];
  });
  const spots = spotsOf(
    { ground, units: rules.units, standing, refused: [], anywhere: true },
    GRID,
    DESK.side,
  );
  return [
    ...desks.map(([, { outline }]) => boxMiddle(outline)),
    ...spots.flatMap(spot => (spot.level === undefined ? [spot.at] : [])),
  ];
}

/** What a place costs: the fields of the leads and the pictures of the shots are made once. */
function pricing(bundle: Bundle, assessment: DeskReads, carrier: string | undefined): (at: Point) => Priced {
  const { ground, rules } = assessment;
  const { venue } = ground;
  const areas = venue.areas ?? {};
  const { grid } = floorOf(venue);
  const ends = otherEnds(bundle, assessment, carrier).map(end => new CostField(grid, end));
  const soundAt = soundDesk(bundle, assessment);
  const sound = soundAt && new CostField(grid, soundAt);
  const reach = (field: CostField, at: Point): number => field.lengthFrom(at) ?? distance(field.source, at);
  const pictures = picturesOf(assessment);
  const blocking = blockingOf(ground.blockers);
  const marks = inOrder(venue.marks);
  return at => {
    const floor = floorAt(areas, at);
    const sees = marks.filter(([id, mark]) => {
      if (hiddenShare(at, mark.at, 1, ground.blockers).middle) return false;
      const eyes = Number(ground.marks[id]?.elevation.value ?? floor + mark.height);
      const seats = seatsBetween(areas, at, mark.at);
      return (nearestHeads(seats, floor + DESK.eyes, eyes, 'seatedHead', rules)?.clear ?? 1) >= CLEARANCE;
    }).length;
    const body = { at, floor, top: floor + DESK.top, width: DESK.side };
    const taken = pictures.filter(picture => shareOfPicture(picture, body, blocking) > SEEN).length;
    const leads = ends.reduce((sum, field) => sum + reach(field, at), 0);
    const sockets = inOrder(venue.sockets).map(([, socket]) => distance(socket.at, at));
    const socket = sockets.length > 0 ? Math.min(...sockets) : undefined;
    const area = inOrder(areas).find(
      ([, each]) => each.kind === 'desk' && distance(boxMiddle(each.outline), at) < 0.01,
    );
    return {
      at,
      area: area?.[1].label,
      leads,
      socket,
      seen: sees,
      marks: marks.length,
      pictures: taken,
      sound: sound && reach(sound, at),
      cost:
        COSTS.lead * (leads + (sound ? reach(sound, at) : 0)) +
        COSTS.socket * (socket ?? 0) +
        COSTS.unseen * (marks.length - sees) +
        COSTS.picture * taken,
    };
  };
}

/** Where the leads that end at the desk begin: one for each link to or from something elsewhere. */
function otherEnds({ plan }: Bundle, { ground }: DeskReads, carrier: string | undefined): Point[] {
  type End = { readonly device?: string; readonly socket?: string; readonly networkSocket?: string };
  const { sockets, networkSockets } = ground.venue;
  const isDesk = ({ device }: End): boolean => ground.places[device ?? '']?.carrier === carrier;
  const placeOf = ({ device, socket, networkSocket }: End): Point | undefined =>
    ground.places[device ?? '']?.at ??
    sockets?.[socket ?? '']?.at ??
    networkSockets?.[networkSocket ?? '']?.at;
  if (carrier === undefined) return [];
  return inOrder(plan.links).flatMap(([, { from, to }]) => {
    if (isDesk(from) === isDesk(to)) return [];
    const at = placeOf(isDesk(from) ? to : from);
    return at ? [at] : [];
  });
}

/** The sound desk of the plan, else the one that the survey has a card of. */
function soundDesk({ plan, kinds }: Bundle, { ground }: DeskReads): Point | undefined {
  const own = inOrder(plan.devices).find(([, { kind }]) => kinds.kinds[kind]?.family === 'audio desk');
  const surveyed = inOrder(ground.venue.areas).find(([, { kind, card }]) => kind === 'desk' && card);
  return (own && ground.places[own[0]]?.at) ?? (surveyed && boxMiddle(surveyed[1].outline));
}

const picturesOf = ({ shots }: DeskReads): Picture[] =>
  Object.values(shots.shots).flatMap(({ picture }) => picture ?? []);
