import { lazy, type ComponentType, type ReactNode } from 'react';

/** A part that is fetched when it is first shown; where the network fails it is left out, and the rest stays. */
export const fetched = <Props extends object>(
  load: () => Promise<{ default: ComponentType<Props> }>,
): ComponentType<Props> => lazy(() => load().catch(() => ({ default: (_: Props): ReactNode => null })));
