import { lazy, useEffect, useState, type ComponentType, type ReactNode } from 'react';
import { loadedAgain, loadedAnew } from '../api/load.js';

/** Between two tries to fetch what could not be had, ms; the network’s return is a reason to try at once. */
const AGAIN_MS = 10_000;

interface Loaded<Props> {
  readonly default: ComponentType<Props>;
}
type Load<Props> = () => Promise<Loaded<Props>>;

/** A part that is fetched when it is first shown; where the network fails the rest stays, and it comes later. */
export const fetched = <Props extends object>(load: Load<Props>): ComponentType<Props> =>
  lazy(() => load().catch(() => ({ default: comingLater(load, null) })));

/**
 * A page, or what fills one: where it cannot be fetched it says so, and comes when it can be had. Of a page that is older
 * than its server the whole is loaded anew, once.
 */
export const fetchedPage = <Props extends object>(load: Load<Props>): ComponentType<Props> =>
  lazy(async () => {
    try {
      return await loadedAgain(load);
    } catch {
      // It is on its way out: nothing more is to be shown in its place.
      if (await loadedAnew()) return await new Promise<never>(() => undefined);
      return { default: comingLater(load, <NotHere />) };
    }
  });

function NotHere() {
  return (
    <div role="alert" className="p-6 max-w-xl">
      <p>
        <b>This part of the page could not be fetched.</b>
      </p>
      <p className="my-2">
        The server cannot be reached, or does not have it. What you did is kept; it is tried again by itself.
      </p>
    </div>
  );
}

/** Something in its place until the part could be fetched. */
const comingLater = <Props extends object>(load: Load<Props>, instead: ReactNode): ComponentType<Props> =>
  function ComingLater(props: Props) {
    const [Part, setPart] = useState<ComponentType<Props>>();
    useEffect(() => {
      let wanted = true;
      const again = (): void =>
        void loadedAgain(load).then(
          part => wanted && setPart(() => part.default),
          () => undefined,
        );
      const timer = setInterval(again, AGAIN_MS);
      window.addEventListener('online', again);
      return () => {
        wanted = false;
        clearInterval(timer);
        window.removeEventListener('online', again);
      };
    }, []);
    return Part ? <Part {...props} /> : instead;
  };
