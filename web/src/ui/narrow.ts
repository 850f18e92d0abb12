/** Whether the screen is as narrow as a phone's, where tables leave columns out. */
import { useSyncExternalStore } from 'react';

/** Where styles change over to a wider screen (`md`). */
const QUERY = '(max-width: 767.98px)';

export const useNarrow = (): boolean =>
  useSyncExternalStore(
    told => {
      const query = window.matchMedia(QUERY);
      query.addEventListener('change', told);
      return () => query.removeEventListener('change', told);
    },
    () => window.matchMedia(QUERY).matches,
  );
