import { useOpenEvent } from '../../store/hooks.js';

/** Sets a value of the venue by its pointer, or takes it out. */
export function useVenueField(): (path: string, words: string, value: unknown) => void {
  const { store } = useOpenEvent();
  return (path, words, value) => {
    const [, part = '', id] = path.split('/');
    const { venue } = store.get().assessment.ground;
    if (id === undefined && value === undefined && !(part in venue)) return;
    const missing = id !== undefined && !(part in venue);
    store.editVenue(`Power: ${words}`, [
      missing
        ? { op: 'add', path: `/${part}`, value: { [id]: value } as never }
        : value === undefined
          ? { op: 'remove', path }
          : { op: 'add', path, value: value as never },
    ]);
  };
}
