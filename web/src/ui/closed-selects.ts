/**
 * A letter that is meant as a shortcut must not change whatever drop-down has the focus: while it is closed, letters
 * do nothing to it. Space and the arrow keys still do.
 */
export function keepClosedSelects(): () => void {
  const onKey = (event: KeyboardEvent): void => {
    const plain =
      event.key.length === 1 && event.key !== ' ' && !event.ctrlKey && !event.metaKey && !event.altKey;
    // While its list is open the keys go to the list, not to the page.
    if (plain && event.target instanceof HTMLSelectElement) event.preventDefault();
  };
  window.addEventListener('keydown', onKey, true);
  return () => window.removeEventListener('keydown', onKey, true);
}
