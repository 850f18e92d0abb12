/** The token of a link stands behind its #, which browsers send to no server and tell no other page. */
export const tokenHere = (): string => window.location.hash.slice(1);

/** A link that carries a token. */
export const linkWith = (path: string, token: string): string => `${window.location.origin}${path}#${token}`;
