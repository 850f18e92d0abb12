/** Plugging two ports together: as one edit, with the adapter where the plugs differ. */
import { connect, fitOf, newId, type Fit, type PluggedPort } from '@idle-satchel/core';
import { useCallback } from 'react';
import { useOpenEvent } from '../../store/hooks.js';

export interface Plug {
  /** Whether two ports go together, whichever of them is the output. */
  readonly fit: (a: PluggedPort, b: PluggedPort) => Fit;
  /** Joins them; gives the reason where that cannot be. */
  readonly join: (a: PluggedPort, b: PluggedPort) => string | undefined;
}

const ordered = (a: PluggedPort, b: PluggedPort): readonly [PluggedPort, PluggedPort] =>
  a.port.direction === 'in' || (b.port.direction === 'out' && a.port.direction === 'both') ? [b, a] : [a, b];

export function usePlug(): Plug {
  const { store, ui } = useOpenEvent();
  const fit = useCallback(
    (a: PluggedPort, b: PluggedPort): Fit => {
      const { bundle, assessment } = store.get();
      return fitOf(...ordered(a, b), { ...bundle, ...assessment.signal });
    },
    [store],
  );
  const join = useCallback(
    (a: PluggedPort, b: PluggedPort): string | undefined => {
      const fits = fit(a, b);
      if (!fits.fits) return fits.why;
      const { bundle, assessment } = store.get();
      const [from, to] = ordered(a, b);
      const joint = {
        from: from.end,
        fromPort: from.port,
        to: to.end,
        toPort: to.port,
        seed: newId(),
        hasLinks: bundle.plan.links !== undefined,
      };
      const connection = connect(joint, { ...bundle, ...assessment.signal });
      if (!connection) return `no adapter is known from ${from.port.connector} to ${to.port.connector}`;
      store.commit(`Plug ${from.words} into ${to.words}`.slice(0, 120), connection.changes);
      ui.select(to.end.device);
      return undefined;
    },
    [store, ui, fit],
  );
  return { fit, join };
}
