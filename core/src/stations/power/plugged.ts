/** What is plugged into strips and wall sockets, at its worst minute. */
import type { Kind, SocketControl } from '../../documents/index.js';
import { constant, given, taken, type Figure, type Term } from '../../foundations/index.js';
import * as figures from './figures/index.js';
import type { SocketLoad, StripLoad, WallLoad } from './result.js';
import { fitsSideBySide, PLUG_WIDTH } from './seating.js';
import type { Timeline } from './timeline.js';
import { drawnIn, termsIn, worstStretch, type Drawing } from './worst.js';

export interface OnStrip {
  readonly kind: string;
  /** Of its kind: what it is rated for, A, and what a reel is while its lead is on it; outlet to outlet, m. */
  readonly of: { readonly amps: number } & Pick<Kind, 'coiled' | 'reel' | 'pitch'>;
  /** It is a reel whose lead is on it. */
  readonly coiled: boolean;
  readonly outlets: number;
  readonly plugged: readonly string[] | undefined;
  /** What each plug in it covers, m; undefined where there is an adapter that nobody has measured. */
  readonly widths: readonly (number | undefined)[];
  /** Strips from the wall on, it among them. */
  readonly series: readonly string[];
  readonly volts: number;
  readonly timeline: Timeline;
  readonly drawing: Drawing;
}

/** Below these volts of the mains the rules of the United States are taken to hold. */
export const AMERICAN = 140;

export function stripLoad(id: string, of: OnStrip): StripLoad {
  const { watts, amps } = sumsAt(figures.atStrip, id, of);
  const { widths, outlets, series, volts } = of;
  const { pitch } = of.of;
  const seated =
    pitch === undefined
      ? figures.stripSeated.unknown([id], 'from outlet to outlet is not known: measure it')
      : widths.includes(undefined)
        ? figures.stripSeated.unknown([id], 'what an adapter covers is not known: measure it')
        : figures.stripSeated.found(
            [id],
            fitsSideBySide(
              widths.map(width => width ?? PLUG_WIDTH),
              outlets,
              pitch,
            ),
            [
              given('pitch', pitch, 'm', 'kinds', `/kinds/${of.kind}/pitch`),
              ...widths.map(width => constant('plug', width ?? PLUG_WIDTH, 'm', 'what it covers')),
            ],
          );
  return {
    watts,
    amps,
    share: figures.atStrip.share.calc([id], [taken('amps', amps), ratingOf(of)]),
    seated,
    series: figures.stripSeries.calc(
      [id],
      series.map(strip => constant('strip', strip, '', 'one into the other')),
    ),
    ...(volts < AMERICAN &&
      series.length > 0 && { direct: figures.stripDirect.found([id], series.length === 1) }),
  };
}

/** Share of its rating that a reel carries while its lead is on it, where it does not say. */
const COILED_SHARE = 1 / 3;

function ratingOf({ kind, of: { amps, coiled: stated }, coiled }: OnStrip): Term {
  if (!coiled) return given('rating', amps, 'A', 'kinds', `/kinds/${kind}/amps`);
  return stated === undefined
    ? constant('rating', amps * COILED_SHARE, 'A', 'a third of its rating, with the lead on the reel')
    : given('rating', stated, 'A', 'kinds', `/kinds/${kind}/coiled`);
}

export interface OnSocket {
  /** What each of its outlets, or its fuse, is rated for, A. */
  readonly amps: number;
  readonly outlets: number;
  readonly control: SocketControl | undefined;
  /** Devices that draw through each lead that is plugged in. */
  readonly plugged: Readonly<Record<string, readonly string[]>> | undefined;
  readonly timeline: Timeline;
  readonly drawing: Drawing;
}

/** Outlets of this rating, A, are those of BS 1363, of which two side by side carry 20 A together. */
const FUSED_PLUG = 13;
const DOUBLE_OUTLET = 20;

/**
 * Load of a wall socket: each outlet against the rating; all of them together against it too where there is one outlet,
 * against 20 A where they are those of BS 1363. Other outlets side by side are wired to carry what their breaker does.
 */
export function socketLoad(id: string, of: OnSocket): WallLoad {
  const { plugged = {}, outlets, control } = of;
  const ids = Object.values(plugged).flat();
  const { watts, amps } = sumsAt(figures.atSocket, id, { ...of, plugged: ids });
  return {
    watts,
    amps,
    share: shareOfWall(id, of, amps),
    free: figures.socketFree.calc(
      [id],
      [
        given('outlets', outlets, 'pieces', 'venue', `/sockets/${id}/outlets`),
        ...Object.keys(plugged).map(lead => constant('plug', lead, '', 'plugged in')),
      ],
    ),
    control: figures.socketControl.found(
      [id],
      ids.length > 0 ? (control ?? 'nothing') : 'nothing',
      control === undefined ? [] : [given('control', control, '', 'venue', `/sockets/${id}/control`)],
    ),
  };
}

function shareOfWall(id: string, of: OnSocket, amps: Figure): Figure {
  const { plugged = {}, timeline, drawing, outlets } = of;
  const rating = given('rating', of.amps, 'A', 'venue', `/sockets/${id}/amps`);
  const all = [taken('amps', amps), rating];
  const { share } = figures.atSocket;
  if (outlets < 2 || Object.keys(plugged).length < 2) return share.calc([id], all);
  const fullest = Object.values(plugged)
    .map(ids =>
      drawnIn(
        ids,
        drawing,
        worstStretch(timeline.length, k => drawnIn(ids, drawing, k)),
      ),
    )
    .reduce((most, each) => (each > most || Number.isNaN(each) ? each : most), 0);
  const one = constant('outlet', fullest, 'A', 'through the fullest of its outlets');
  if (of.amps !== FUSED_PLUG) return share.calc([id], [rating, one], { formula: '100 * outlet / rating' });
  const pairs = Math.ceil(outlets / 2);
  const together = constant(
    'together',
    DOUBLE_OUTLET * pairs,
    'A',
    '20 A for each two side by side, BS 1363-2',
  );
  return share.calc([id], [...all, one, together], {
    formula: '100 * max(outlet / rating, amps / together)',
  });
}

interface Hanging {
  readonly plugged: readonly string[] | undefined;
  readonly timeline: Timeline;
  readonly drawing: Drawing;
}

/** Watts and amps together, when they draw most. */
function sumsAt(
  of: typeof figures.atStrip | typeof figures.atSocket,
  id: string,
  { plugged = [], timeline, drawing }: Hanging,
): Pick<SocketLoad, 'watts' | 'amps'> {
  const k = worstStretch(timeline.length, at => drawnIn(plugged, drawing, at));
  return {
    watts: of.watts.calc([id], termsIn('load', 'watts', plugged, drawing, k)),
    amps: of.amps.calc([id], termsIn('load', 'amps', plugged, drawing, k)),
  };
}
