/** Where the desk goes: places compared by leads, sound feed, mains, what one sees from there, and who sees it. */
import { assess, type Assessment } from '../../assess.js';
import type { Bundle } from '../../documents/index.js';
import {
  blockingOf,
  boxMiddle,
  CostField,
  distance,
  floorAt,
  inOrder,
  inWords,
  type Point,
  type UnitSystem,
} from '../../foundations/index.js';
import { floorOf } from '../../stations/runs/floor.js';
import { shareOfPicture, type Picture } from '../../stations/shots/gear-in-picture.js';
import { CLEARANCE } from '../../stations/shots/figures/sight.js';
import { hiddenShare, nearestHeads, seatsBetween } from '../../stations/shots/sight.js';
import { hubOf, type Hub } from '../hub.js';
import { provenLeast, type Found, type Offer, type Progress, type Search } from '../search.js';
import { spotsOf } from '../placement/places.js';
import { inPlan } from '../../edits.js';

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
const DESK = { side: 1.2, top: 1.3, eyes: 1.2 } as const;
const GRID = 1;
/** Places that are looked at between two reports. */
const PACE = 50;
/** Places offered, and how far apart they are at least, m. */
const OFFERED = 4;
const APART = 3;
/** Less than this of a picture does not count. */
const SEEN = 0.01;

export interface DeskTask {
  /** What carries the desk, and where it could stand, the place where it stands now first; undefined without a desk. */
  readonly desk: { readonly carrier: string; readonly candidates: readonly Point[] } | undefined;
  readonly price: (at: Point) => Priced;
  readonly units: UnitSystem;
}

type Priced = Omit<DeskPlace, 'id' | 'now'>;

/** The best places for the desk, and where it stands now, the cheapest first; none while there is no desk. */
export const deskPlaces: Search<object, DeskTask, readonly DeskPlace[]> = {
  name: 'desk',
  about: 'places for the desk',
  problemOf,
  solve: compared,
};

/** The desk at other places than where it stands, the best first; none while there is no desk. */
export function* deskMoves(bundle: Bundle): Generator<Progress, readonly Offer[]> {
  const problem = yield* problemOf(bundle);
  const { offers } = yield* compared(problem);
  return offers;
}

function* problemOf(bundle: Bundle): Generator<Progress, DeskTask> {
  yield { stage: 'problem', share: 0 };
  const assessment = assess(bundle);
  const hub = hubOf(bundle, assessment.ground);
  return {
    desk: hub && { carrier: hub.carrier, candidates: candidatesFor(hub, bundle, assessment) },
    price: pricing(bundle, assessment, hub?.carrier ?? ''),
    units: assessment.rules.units,
  };
}

function* compared({ desk, price, units }: DeskTask): Generator<Progress, Found<readonly DeskPlace[]>> {
  if (!desk) return { answer: [], objectives: [], offers: [] };
  const all: DeskPlace[] = [];
  for (const [i, at] of desk.candidates.entries()) {
    if (i % PACE === PACE - 1) yield { stage: 'solving', share: i / desk.candidates.length };
    all.push({ id: at.join(' '), ...price(at), now: i === 0 });
  }
  const [now, ...others] = all as [DeskPlace, ...DeskPlace[]];
  const offered: DeskPlace[] = [];
  for (const each of others.sort((a, b) => a.cost - b.cost)) {
    if (offered.length === OFFERED) break;
    const elsewhere = [now, ...offered].every(({ at }) => distance(at, each.at) >= APART);
    if (elsewhere) offered.push(each);
  }
  const answer = [now, ...offered].sort((a, b) => a.cost - b.cost);
  return {
    answer,
    objectives: answer.slice(0, 1).map(({ cost }) => provenLeast('cost of the place', 'points', cost)),
    offers: answer.filter(place => !place.now).map(place => moveTo(place, desk.carrier, units)),
  };
}

const moveTo = ({ id, at, area }: DeskPlace, carrier: string, units: UnitSystem): Offer => ({
  id,
  label: `Move the desk to ${area ?? at.map(each => inWords(each, 'm', units)).join(' · ')}`,
  changes: [inPlan().put('devices', carrier, 'place', 'at', at).change],
});

function candidatesFor({ carrier, at }: Hub, { plan }: Bundle, { ground, rules }: Assessment): Point[] {
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
    at,
    ...desks.map(([, { outline }]) => boxMiddle(outline)),
    ...spots.flatMap(spot => (spot.level === undefined ? [spot.at] : [])),
  ];
}

/** What a place costs: the fields of the leads and the pictures of the shots are made once. */
function pricing(bundle: Bundle, assessment: Assessment, carrier: string): (at: Point) => Priced {
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
function otherEnds({ plan }: Bundle, { ground }: Assessment, carrier: string): Point[] {
  type End = { readonly device?: string; readonly socket?: string; readonly networkSocket?: string };
  const { sockets, networkSockets } = ground.venue;
  const isDesk = ({ device }: End): boolean => ground.places[device ?? '']?.carrier === carrier;
  const placeOf = ({ device, socket, networkSocket }: End): Point | undefined =>
    ground.places[device ?? '']?.at ??
    sockets?.[socket ?? '']?.at ??
    networkSockets?.[networkSocket ?? '']?.at;
  return inOrder(plan.links).flatMap(([, { from, to }]) => {
    if (isDesk(from) === isDesk(to)) return [];
    const at = placeOf(isDesk(from) ? to : from);
    return at ? [at] : [];
  });
}

/** The sound desk of the plan, else the one that the survey has a card of. */
function soundDesk({ plan, kinds }: Bundle, { ground }: Assessment): Point | undefined {
  const own = inOrder(plan.devices).find(([, { kind }]) => kinds.kinds[kind]?.family === 'audio desk');
  const surveyed = inOrder(ground.venue.areas).find(([, { kind, card }]) => kind === 'desk' && card);
  return (own && ground.places[own[0]]?.at) ?? (surveyed && boxMiddle(surveyed[1].outline));
}

const picturesOf = ({ shots }: Assessment): Picture[] =>
  Object.values(shots.shots).flatMap(({ picture }) => picture ?? []);
