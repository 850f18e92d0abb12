/** What sort of device a browser runs on, as far as it says so itself. */
export function deviceWords(userAgent: string): string {
  if (/Tablet/.test(userAgent)) return 'a tablet';
  if (/Mobi/.test(userAgent)) return 'a phone';
  return /X11|Linux|Windows|Macintosh/.test(userAgent) ? 'a computer' : 'something else';
}
