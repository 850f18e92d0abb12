/** Leads that stay within a rack, each with its make. */
import type { CableMake, Link } from '../../documents/index.js';
import type { Held } from '../in-rack/held.js';
import { makeOf } from '../runs/routed.js';
import type { PlanWiring } from '../signal/index.js';

export interface InnerLink {
  readonly link: Link;
  readonly make: CableMake;
}

/** In order of what they come from; what plugs into another thing directly is no lead. */
export function innerLinks(held: readonly Held[], wiring: PlanWiring): readonly InnerLink[] {
  const within = new Set(held.map(({ id }) => id));
  return held.flatMap(({ id }) =>
    wiring.outOf(id).flatMap(([, link]): InnerLink[] => {
      const make = within.has(link.to.device ?? '') ? makeOf(link, wiring)?.make : undefined;
      return make === undefined ? [] : [{ link, make }];
    }),
  );
}
