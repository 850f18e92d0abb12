/** Cookies: what a browser is given to show again. */
import type { Request, Response } from 'express';

/** Cookies by what they are for, as they are called where the way to the browser is not encrypted. */
const NAMES = { session: 'session', browser: 'browser', organisation: 'organisation' } as const;
export type CookieFor = keyof typeof NAMES;

/**
 * Over TLS a browser takes a cookie of this name only from this very host, for all of it, and never sends it otherwise
 * (RFC 6265bis, 4.1.3.2).
 */
const nameOf = (secure: boolean, purpose: CookieFor): string =>
  secure ? `__Host-${NAMES[purpose]}` : NAMES[purpose];

export const cookieOf = (request: Request, purpose: CookieFor): string | undefined =>
  request.headers.cookie
    ?.split(';')
    .map(pair => pair.trim().split('='))
    .find(([key]) => key === nameOf(request.secure, purpose))?.[1];

const how = (secure: boolean) => ({ sameSite: 'strict', httpOnly: true, path: '/', secure }) as const;

/** Gives a browser a cookie; without an end it goes with the browser. */
export function giveCookie(response: Response, purpose: CookieFor, value: string, ends?: Date): void {
  const { secure } = response.req;
  response.cookie(nameOf(secure, purpose), value, { ...how(secure), ...(ends && { expires: ends }) });
}

export function takeCookie(response: Response, purpose: CookieFor): void {
  const { secure } = response.req;
  response.clearCookie(nameOf(secure, purpose), how(secure));
}
