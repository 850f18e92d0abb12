/** How much a snag matters: it would stop the show, it could bite, or it is worth knowing; the worst first. */
export type Severity = 'stop' | 'risk' | 'note';
export const SEVERITIES: readonly Severity[] = ['stop', 'risk', 'note'];

/** The worst of some severities; undefined where there is none. */
export const worst = (severities: readonly (Severity | undefined)[]): Severity | undefined =>
  SEVERITIES.find(severity => severities.includes(severity));
