import { lazy, useEffect, useState, type ComponentType } from 'react';

/** Between two tries to fetch what could not be had, ms; the network’s return is a reason to try at once. */
const AGAIN_MS = 10_000;

interface Loaded<Props> {
  readonly default: ComponentType<Props>;
}
type Load<Props> = () => Promise<Loaded<Props>>;

/**
 * Fetches once more what could not be had. Some browsers remember under its address that a module failed, and never ask
 * for it again: it is asked for under another one then, which the browser names in its error.
 */
async function loadedAgain<Props>(load: Load<Props>): Promise<Loaded<Props>> {
  try {
    return await load();
  } catch (error) {
    const [address] = /https?:\/\/\S+\.js/.exec(String(error)) ?? [];
    if (address === undefined) throw error;
    return (await import(/* @vite-ignore */ `${address}?again=${Date.now()}`)) as Loaded<Props>;
  }
}

/** A part that is fetched when it is first shown; where the network fails the rest stays, and it comes later. */
export const fetched = <Props extends object>(load: Load<Props>): ComponentType<Props> =>
  lazy(() => load().catch(() => ({ default: comingLater(load) })));

/** Nothing until the part could be fetched. */
const comingLater = <Props extends object>(load: Load<Props>): ComponentType<Props> =>
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
    return Part && <Part {...props} />;
  };
