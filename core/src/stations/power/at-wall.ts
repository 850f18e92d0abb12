/** What is asked of a wall socket besides its load: that plugs fit, that it stands rain, and what one load may take. */
import type { Ingress, Rules } from '../../documents/index.js';
import { constant, given, type Term } from '../../foundations/index.js';
import * as figures from './figures/index.js';
import { AMERICAN } from './plugged.js';
import type { WallLoad } from './result.js';
import type { Timeline } from './timeline.js';
import { drawnIn, worstStretch, type Drawing } from './worst.js';

export interface AtWall {
  readonly amps: number;
  /** Devices that draw through the leads that are plugged in. */
  readonly plugged: readonly string[];
  /** Whether each cord or lead that is plugged in goes into it. */
  readonly fit: readonly boolean[];
  /** Of the circuit, where that is known. */
  readonly circuit: { readonly id: string; readonly amps: number } | undefined;
  readonly ingress: Ingress | undefined;
  readonly outdoors: boolean;
  readonly volts: number;
  readonly school: Rules['mainsLoad'];
  readonly timeline: Timeline;
  readonly drawing: Drawing;
}

type Asked = Pick<WallLoad, 'fits' | 'rain' | 'single'>;

/** What is asked of a wall socket; nothing of one that nothing is plugged into. */
export function atWall(id: string, of: AtWall): Asked {
  const { plugged, fit, ingress, outdoors } = of;
  if (fit.length === 0) return {};
  const single = plugged.length > 0 ? singleOf(id, of) : undefined;
  return {
    fits: figures.socketFits.found([id], !fit.includes(false)),
    ...(outdoors && { rain: rainOf(figures.socketRain, id, ingress, 'venue', `/sockets/${id}/ingress`) }),
    ...(single && { single }),
  };
}

/** The most that one device takes by itself, of what a portable load may take: under the 80 % rule, at American volts. */
function singleOf(
  id: string,
  { plugged, amps, circuit, volts, school, timeline, drawing }: AtWall,
): WallLoad['single'] {
  if (volts >= AMERICAN || school !== 'eighty') return undefined;
  const most = plugged.reduce((all, device) => {
    const k = worstStretch(timeline.length, at => drawnIn([device], drawing, at));
    const own = drawnIn([device], drawing, k);
    return own > all || Number.isNaN(own) ? own : all;
  }, 0);
  const rating = given('rating', amps, 'A', 'venue', `/sockets/${id}/amps`);
  if (Number.isNaN(most))
    return figures.socketSingle.unknown([id], 'nobody has measured all that is plugged in', [rating]);
  return figures.socketSingle.calc(
    [id],
    [
      constant('load', most, 'A', 'the largest by itself'),
      rating,
      circuit
        ? given('breaker', circuit.amps, 'A', 'venue', `/circuits/${circuit.id}/amps`)
        : constant('breaker', amps, 'A', 'its circuit is not known: as the socket'),
    ],
  );
}

/** Least second digit of an IP code of what stands in the open. */
const SPLASHES = 4;

/** Whether a casing stands splashing water; unknown where nobody has noted its IP code. */
export function rainOf(
  figure: typeof figures.stripRain | typeof figures.socketRain,
  id: string,
  ingress: Ingress | undefined,
  document: 'kinds' | 'venue',
  pointer: string,
): NonNullable<WallLoad['rain']> {
  if (ingress === undefined) return figure.unknown([id], 'its IP code is not known: it is printed on it');
  const code: Term = given('ip', ingress, '', document, pointer);
  return figure.found([id], Number(ingress.at(-1)) >= SPLASHES, [code]);
}
