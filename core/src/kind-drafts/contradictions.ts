/** What a kind says that cannot be, though each of its fields is possible by itself. */
import type { Fault, Kind } from '../documents/index.js';
import { inOrder } from '../foundations/index.js';

/** Two numbers the wrong way round. */
const reversed = (
  path: string,
  low: number | undefined,
  high: number | undefined,
  reason: string,
): Fault[] => (low !== undefined && high !== undefined && low > high ? [{ path, reason }] : []);

/** Ranges the wrong way round, ports of one name and way, and an output that hands on what is no input. */
export function contradictions({ optics, lens, support, ports }: Kind): Fault[] {
  const names = new Set<string>();
  return [
    ...reversed('/optics/focalMax', optics?.focalMin, optics?.focalMax, 'is shorter than the shortest'),
    ...reversed('/lens/focalMax', lens?.focalMin, lens?.focalMax, 'is shorter than the shortest'),
    ...reversed('/support/high', support?.low, support?.high, 'is lower than the lowest'),
    ...inOrder(ports).flatMap(([id, { label, direction, volts, loops }]): Fault[] => {
      const name = `${direction} ${label}`;
      const twice = names.has(name);
      names.add(name);
      const input = loops === undefined ? undefined : ports?.[loops];
      return [
        ...(twice && label ? [{ path: `/ports/${id}/label`, reason: 'another port is called that' }] : []),
        ...reversed(`/ports/${id}/volts/high`, volts?.low, volts?.high, 'is less than the least'),
        ...(loops !== undefined && (!input || input.direction === 'out')
          ? [{ path: `/ports/${id}/loops`, reason: 'hands on what is no input of it' }]
          : []),
      ];
    }),
  ];
}
