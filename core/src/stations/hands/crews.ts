/** Who does what together: the roles of each person, what comes into the mix they share, and where they work. */
import { pick } from '../../foundations/index.js';
import type { SignalResult } from '../signal/index.js';
import { kindDoes } from '../signal/functions.js';
import type { Mix } from './asked.js';
import type { HandsReads, RoleResult, Roles } from './result.js';

export interface Crew {
  /** Roles of one person. */
  readonly own: readonly RoleResult[];
  /** Roles that somebody else does, or nobody yet. */
  readonly others: readonly RoleResult[];
}

/** The roles of everybody who has one, by person. */
export function crewsOf({ roles }: { readonly roles: Roles }): Readonly<Record<string, Crew>> {
  const all = Object.values(roles);
  const people = new Set(all.flatMap(({ person }) => person ?? []));
  return Object.fromEntries(
    [...people].map(person => [
      person,
      { own: all.filter(each => each.person === person), others: all.filter(each => each.person !== person) },
    ]),
  );
}

/** Where each of them works: the places of the things at which their roles are done. */
export const placesOf = ({
  crews,
  places,
}: {
  readonly crews: Readonly<Record<string, Crew>>;
  readonly places: HandsReads['workPlaces'];
}): Readonly<Record<string, HandsReads['workPlaces']>> =>
  Object.fromEntries(
    Object.entries(crews).map(([person, { own }]) => [
      person,
      pick(
        places,
        own.flatMap(({ done }) => done.at ?? []),
      ),
    ]),
  );

/** What comes into the mix that the vision mixer works. */
export function mixOf({
  roles,
  sources,
  countables,
  wiring,
}: {
  readonly roles: Roles;
} & Pick<SignalResult, 'sources' | 'countables' | 'wiring'>): Mix {
  const used = countables[roles.mixer?.done.at ?? '']?.inputs?.used.value;
  return {
    pictures: typeof used === 'number' ? used : undefined,
    cameras: Object.keys(sources).filter(
      id => kindDoes(wiring.kindOf(id), 'sees') && sources[id]?.input.value !== null,
    ),
  };
}
