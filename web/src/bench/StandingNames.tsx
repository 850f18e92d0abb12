import {
  inOrder,
  numberOf,
  showText,
  standingNames,
  type NameOffset,
  type PlacedName,
  type StandingName,
  type Venue,
} from '@idle-satchel/core';
import { createContext, useContext, useMemo, type ReactNode } from 'react';
import { useEvent, usePlan, useReading } from '../store/hooks.js';

const Names = createContext<ReadonlyMap<string, NameOffset>>(new Map());

/** Where names go that belong to signs, px of the screen from each sign, by the id of what they name. */
export const useNames = (): ReadonlyMap<string, NameOffset> => useContext(Names);

/** Radii of the signs of cameras, other things, sockets and marks, px. */
const SIGN = { camera: 13, thing: 9, socket: 8, mark: 10 };
const LETTERS = { tape: 13, name: 11.5 };

/** How many cameras could take what is at a mark. */
export const coverWords = (able: number): string =>
  able === 0 ? 'no camera' : able === 1 ? '1 camera' : `${able} cameras`;

/**
 * Finds room for the names of all that stands in the room, at reading pace: what is dragged takes its name along, and
 * the others stay where they are until the hand rests.
 */
export function StandingNames({
  venue,
  ground,
  lettering,
  layer,
  children,
}: {
  venue: Venue;
  /** Names on the ground, where they were placed. */
  ground: readonly PlacedName[];
  lettering: number;
  layer: 'ground' | 'shots' | 'runs' | 'power';
  children: ReactNode;
}) {
  const named = useNamed(venue, layer);
  const offsets = useMemo(
    () => standingNames(named, { venue, ground, lettering }),
    [named, venue, ground, lettering],
  );
  return <Names value={offsets}>{children}</Names>;
}

/** What has a name on a layer: cameras first, then counts at marks, things and sockets. */
function useNamed(venue: Venue, layer: string): readonly StandingName[] {
  const devices = usePlan(plan => plan.devices);
  const places = useEvent(state => state.assessment.ground.places);
  const cameras = useEvent(state => state.assessment.shots.cameras);
  const lamps = useEvent(state => state.assessment.shots.lamps);
  const coverage = useEvent(state => (layer === 'shots' ? state.assessment.shots.coverage : undefined));
  const loads = useEvent(state => (layer === 'power' ? state.assessment.power.sockets : undefined));
  const reading = useReading();
  return useMemo(() => {
    const standing = inOrder(devices).flatMap(([key, { label }]): StandingName[] => {
      const { at, carrier } = places[key] ?? {};
      if (!at || carrier !== key) return [];
      if (cameras[key])
        return [{ key, text: `  ${label}`, at, radius: SIGN.camera, size: LETTERS.tape, bold: true }];
      const lit = layer === 'runs' || layer === 'power' || (layer === 'shots' && lamps[key] !== undefined);
      return lit ? [{ key, text: label, at, radius: SIGN.thing, size: LETTERS.name }] : [];
    });
    const counts = Object.entries(coverage ?? {}).flatMap(([id, { count }]): StandingName[] => {
      const [at, able] = [venue.marks?.[id]?.at, numberOf(count)];
      if (!at || able === undefined) return [];
      return [
        {
          key: id,
          text: coverWords(able),
          at,
          radius: SIGN.mark,
          size: LETTERS.name,
          bold: true,
          spare: true,
        },
      ];
    });
    const sockets = loads
      ? [...inOrder(venue.sockets), ...inOrder(venue.networkSockets)].map(
          ([key, { at, label }]): StandingName => {
            const amps = loads[key]?.amps;
            const text = amps ? `${label} ${showText(amps.value, amps.unit, reading)}` : label;
            return { key, text, at, radius: SIGN.socket, size: LETTERS.name };
          },
        )
      : [];
    return [...standing.sort((a, b) => b.radius - a.radius), ...counts, ...sockets];
  }, [devices, places, cameras, lamps, coverage, loads, venue, layer, reading]);
}
