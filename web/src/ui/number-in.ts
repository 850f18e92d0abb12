/** The number a text is, with a comma or a point; undefined for none, or one beyond what a tick holds. */
export function numberIn(text: string): number | undefined {
  const value = Number(text.trim().replace(',', '.'));
  return text.trim() === '' || !(Math.abs(value) <= 1e6) ? undefined : value;
}
