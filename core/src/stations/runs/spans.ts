/**
 * Spans: leads that follow each other over pieces with nothing inside that works, from one active device to the next. A
 * signal is not made new at an adapter, a joiner, a patch bay or a line of the house, so that what counts is the whole.
 */
import type { CableMake, HouseLine, Link, Rules } from '../../documents/index.js';
import {
  constant,
  given,
  inOrder,
  listed,
  numberOf,
  taken,
  type Figure,
  type MapOf,
  type Term,
  type VideoFormat,
} from '../../foundations/index.js';
import type { PlanWiring } from '../signal/index.js';
import { isPassive, reachedFrom } from '../signal/passive.js';
import * as figures from './figures.js';
import { MAKE_WORDS } from './makes.js';
import { reachOf, reachVerdict, sourceOf, type KnownProof, type Reach } from './reach.js';
import type { RunResult } from './result.js';

/** Leads of one span and the devices between them, from the end that it was followed from. */
export interface Span {
  readonly links: readonly string[];
  readonly over: readonly string[];
}

export interface SpanResult {
  /** Its leads, as far as they are cables. */
  readonly leads: readonly string[];
  /** `C1 → SWITCHER`, and the devices between them. */
  readonly label: string;
  readonly over: string;
  /** Lines of the house that it goes over. */
  readonly lines: readonly HouseLine[];
  readonly length: Figure;
  readonly limit: Figure;
  readonly stretched: Figure;
  /** The verdict for the whole of it. */
  readonly reach: Figure;
}

/** Every span over at least one passive piece, by the link at the end that it was followed from; none for power. */
export function spansOf({
  wiring,
  links,
}: {
  readonly wiring: PlanWiring;
  readonly links: MapOf<Link> | undefined;
}): Readonly<Record<string, Span>> {
  const spans: Record<string, Span> = {};
  const known = new Set<string>();
  const ends = (['to', 'from'] as const).flatMap(side =>
    inOrder(links).map(([id, link]) => [id, link[side]] as const),
  );
  for (const [id, end] of ends) {
    if (isPassive(wiring.kindOf(end.device)) || wiring.portOf(end)?.carries === 'power') continue;
    for (const [, way] of reachedFrom(wiring, end)) {
      const key = [...way].sort().join(' ');
      if (way[0] !== id || way.length < 2 || known.has(key)) continue;
      known.add(key);
      // Where two come together in one piece they end by the same link.
      spans[way.find(each => !Object.hasOwn(spans, each)) ?? id] = {
        links: way,
        over: passed(way, links ?? {}).filter(device => isPassive(wiring.kindOf(device))),
      };
    }
  }
  return spans;
}

/** The devices that each two links after each other have in common. */
const passed = (way: readonly string[], links: Readonly<Record<string, Link>>): string[] =>
  way.slice(1).flatMap((id, i) => {
    const before = devicesOf(links[way[i] as string]);
    return devicesOf(links[id]).filter(device => before.includes(device));
  });

const devicesOf = (link: Link | undefined): string[] =>
  [link?.from, link?.to].flatMap(end => (end?.device === undefined ? [] : [end.device]));

export interface SpanParts {
  readonly span: Span;
  /** Those of its links that are cables. */
  readonly runs: Readonly<Record<string, RunResult>>;
  readonly links: Readonly<Record<string, Link>>;
  readonly lines: Readonly<Record<string, HouseLine>>;
  readonly wiring: PlanWiring;
  readonly rules: Rules;
}

/** A stretch of cable in a span. */
interface Piece {
  readonly label: string;
  readonly make: CableMake;
  readonly used: Term;
  readonly reach: Reach;
}

/** How long a span is, and whether its makes carry that far. */
export function spanResult(id: string, parts: SpanParts): SpanResult {
  const { span, runs, links, wiring } = parts;
  const leads = span.links.filter(each => Object.hasOwn(runs, each));
  const format = leads.map(each => (runs[each] as RunResult).format)[0] ?? parts.rules.format;
  const pieces = piecesOf(id, parts, format);
  const length = figures.spanLength.calc(
    [id],
    pieces.map(({ used }) => ({ ...used, name: 'used' })),
  );
  const reach: Reach = {
    limit: carries(figures.spanLimit, id, length, pieces, 'limit'),
    stretched: carries(figures.spanStretched, id, length, pieces, 'stretched'),
  };
  const over = span.over.map(device => wiring.devices[device]?.label ?? '');
  return {
    leads,
    lines: linesOf(parts).map(([, line]) => line),
    label: labelOf(span, links, wiring),
    over: listed(over),
    length,
    ...reach,
    reach: reachVerdict(
      id,
      taken('used', length),
      reach,
      format,
      proofFor(span, links, numberOf(length)),
      figures.spanReach,
    ),
  };
}

/** From the source to the end: a span that was followed from its end begins there. */
const labelOf = (
  { links: way, over }: Span,
  links: Readonly<Record<string, Link>>,
  { devices }: PlanWiring,
): string =>
  [way.at(-1), way[0]]
    .flatMap(id => devicesOf(links[id ?? '']).filter(device => !over.includes(device)))
    .map(device => devices[device]?.label ?? '')
    .join(' → ');

/** The lines of the house in a span, by their ids. */
const linesOf = ({ span, lines, wiring }: SpanParts): (readonly [string, HouseLine])[] =>
  span.over.flatMap(device => {
    const house = wiring.devices[device]?.house ?? '';
    const line = lines[house];
    return line ? [[house, line] as const] : [];
  });

function piecesOf(id: string, parts: SpanParts, format: VideoFormat): Piece[] {
  const { span, runs, links, wiring, rules } = parts;
  const own = span.links.flatMap((link): [string, RunResult][] => {
    const run = runs[link];
    return run ? [[link, run]] : [];
  });
  const joints = span.over.length + own.reduce((sum, [, run]) => sum + (numberOf(run.joints) ?? 0), 0);
  const source = span.links.map(link => sourceOf(wiring, links[link] as Link)).find(isStated);
  const reachFor = (make: CableMake): Reach => reachOf(id, { make, format, joints, source }, rules);
  return [
    ...own.map(([, run]): Piece => {
      const used = run.cableLength.value === null ? run.length : run.cableLength;
      return { label: run.number, make: run.make, used: taken('used', used), reach: reachFor(run.make) };
    }),
    ...linesOf(parts).map(([house, line]): Piece => {
      const used = given('used', line.length, 'm', 'venue', `/houseLines/${house}/length`);
      return { label: line.label, make: line.make, used, reach: reachFor(line.make) };
    }),
  ];
}

type Source = ReturnType<typeof sourceOf>;

/** A device that says how far it carries says so for the whole. */
const isStated = (source: Source): boolean => source?.port.reach !== undefined;

/**
 * How far cables of several makes carry one after the other: each uses up its share of what it carries, and where the
 * shares come to one, the span is at its end.
 */
function carries(
  figure: typeof figures.spanLimit | typeof figures.spanStretched,
  id: string,
  length: Figure,
  pieces: readonly Piece[],
  which: keyof Reach,
): Figure {
  const shares: Term[] = [];
  for (const { label, make, used, reach } of pieces) {
    const limit = reach[which];
    if (limit.value === null) return figure.unknown([id], limit.why ?? '');
    if (used.value === null) return figure.unknown([id], `${label} has no length yet`);
    const words = `${label}: its share of what ${MAKE_WORDS[make]} carries here`;
    shares.push(constant('share', Number(used.value) / Number(limit.value), '', words));
  }
  return figure.calc([id], [taken('length', length), ...shares]);
}

/** What was tested over at least as much as the span is, or failed over as much. */
function proofFor(
  { links: way }: Span,
  links: Readonly<Record<string, Link>>,
  length: number | undefined,
): KnownProof | undefined {
  return way
    .flatMap((id): KnownProof[] => {
      const proof = links[id]?.proof;
      return proof ? [{ proof, document: 'plan', pointer: `/links/${id}/proof` }] : [];
    })
    .find(({ proof }) => !proof.works || proof.length >= (length ?? Infinity));
}
