import { useEffect } from 'react';

/** Names the page in the browser’s own list of pages, the most particular word first. */
export function usePageTitle(...words: readonly string[]): void {
  const title = [...words, 'Idle Satchel'].join(' · ');
  useEffect(() => {
    document.title = title;
  }, [title]);
}
