/**
 * Refuses what was not asked for by the application’s own pages: requests under a name that is not the server’s
 * (DNS rebinding), and requests that another page had the browser send (cross-site request forgery).
 */
import type { Request, RequestHandler } from 'express';
import { Problem } from './problem.js';

/** Names that a server on a loopback address answers to, with any port. */
export const LOOPBACK_HOSTS: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** 421 for every host but the allowed ones; ports do not matter. */
export function onlyHosts(allowed: ReadonlySet<string>): RequestHandler {
  return (request, _response, next) => {
    if (allowed.has(hostnameOf(request.headers.host))) return next();
    throw new Problem(421, 'The server does not answer to this name', 'HOSTS lists the names it answers to');
  };
}

function hostnameOf(host: string | undefined): string {
  try {
    return new URL(`http://${host ?? ''}`).hostname;
  } catch {
    return '';
  }
}

/**
 * 403 for what a page of another origin sent. Browsers say so themselves (Fetch Metadata); older ones name the
 * origin of whatever changes something; programs that are no browsers say neither.
 */
export const onlyOwnPages: RequestHandler = (request, _response, next) => {
  if (isOwn(request)) return next();
  throw new Problem(403, 'This was asked for by a page of another site', 'Open it in Idle Satchel itself');
};

const SAFE = new Set(['GET', 'HEAD', 'OPTIONS']);

function isOwn({ method, headers }: Request): boolean {
  const site = headers['sec-fetch-site'];
  if (site !== undefined) {
    // “none”: a person typed the address or opened a bookmark. A link elsewhere may lead to a sheet, no more.
    const followed = SAFE.has(method) && headers['sec-fetch-mode'] === 'navigate';
    return site === 'same-origin' || site === 'none' || followed;
  }
  if (SAFE.has(method) || headers.origin === undefined) return true;
  try {
    return new URL(headers.origin).host === headers.host;
  } catch {
    return false;
  }
}

/** 415 for a body that does not say it is JSON: a page of another site can send any other without being asked. */
export const onlyJson: RequestHandler = (request, _response, next) => {
  const { 'content-length': length, 'transfer-encoding': coding } = request.headers;
  const empty = coding === undefined && Number(length ?? 0) === 0;
  if (SAFE.has(request.method) || empty || request.is('application/json')) return next();
  throw new Problem(415, 'The body must be JSON', 'Send it with content-type application/json');
};
