/** Today on this machine's clock, `2026-12-04`. */
export const today = (): string => new Date().toLocaleDateString('sv-SE');
