/** Talking to the server by the routes of its contract: JSON in and out, problems as errors with their faults. */
import type { AnswerOf, BodyOf, NotBooked, RouteName } from '@idle-satchel/core/api';
import { me } from './me.js';

const API = '/api/v1';

export interface Fault {
  readonly path: string;
  readonly reason: string;
}

/** What the server refused and why (RFC 9457), or that it could not be reached (status 0). */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly faults: readonly Fault[] = [],
    /** Somebody else changed the same meanwhile: it can be done again on top of that. */
    readonly collides = false,
    /** Things that cannot be had, each with why and what may stand in for it. */
    readonly left: readonly NotBooked[] = [],
  ) {
    super(title);
  }
  /** The title and each fault as a line. */
  get lines(): string[] {
    return [
      this.message,
      ...this.faults.slice(0, 6).map(({ path, reason }) => `${path || 'the whole'}: ${reason}`),
    ];
  }
}

/** Parameters of a route: those that its path names, the others as its query; what is undefined is left out. */
export type Parameters = Readonly<Record<string, string | number | undefined>>;

/** Where a route is asked, such as a file that the server makes of an event. */
export function addressOf(route: RouteName, parameters: Parameters = {}): string {
  const query = new URLSearchParams();
  let path = route.slice(route.indexOf(' ') + 1);
  for (const [name, value] of Object.entries(parameters)) {
    if (value === undefined) continue;
    if (path.includes(`/:${name}`)) path = path.replace(`/:${name}`, `/${encodeURIComponent(value)}`);
    else query.set(name, String(value));
  }
  return `${API}${path}${query.size > 0 ? `?${query}` : ''}`;
}

type Body<Name extends RouteName> = BodyOf<Name> extends undefined ? [] : [body: BodyOf<Name>, how?: How];

/** How a request is sent. */
interface How {
  /** It goes on when the page is closed. */
  readonly outlives?: boolean;
}

/** Asks a route with the JSON that it takes. Rejects with `ApiProblem`. */
export const call = <Name extends RouteName>(
  route: Name,
  parameters: Parameters,
  ...[body, how]: Body<Name>
): Promise<AnswerOf<Name>> =>
  answered(route, parameters, {
    ...(body !== undefined && { body: JSON.stringify(body), headers: JSON_TYPE }),
    ...(how?.outlives && { keepalive: true }),
  });

/** Routes whose 401 says that what was typed does not fit, and nothing of whoever is signed in. */
const COMING_IN: ReadonlySet<RouteName> = new Set([
  'POST /session',
  'POST /session/passkey',
  'POST /first-start',
]);

const JSON_TYPE = { 'content-type': 'application/json' };

/** Sends bytes to a route that takes a file. Rejects with `ApiProblem`. */
export const sendFile = <
  Name extends 'PUT /pictures/:id' | 'PUT /files/:id' | 'POST /events/import' | 'POST /shelf/gear',
>(
  route: Name,
  parameters: Parameters,
  file: Blob,
  type = file.type,
): Promise<AnswerOf<Name>> =>
  answered(route, parameters, { body: file, headers: { 'content-type': type } }, FILE_MS);

/** A server that says nothing for so long hangs, ms; a file may be long on its way. */
const SILENT_MS = 15_000;
const FILE_MS = 120_000;
/** Work that a server may take longer for. */
const SLOW: ReadonlySet<RouteName> = new Set([
  'POST /events/:id/copy',
  'PUT /events/:id/booking',
  'POST /documents/:id/restore',
  'GET /events',
]);
const SLOW_MS = 60_000;

async function answered<Name extends RouteName>(
  route: Name,
  parameters: Parameters,
  request: RequestInit,
  patience = SLOW.has(route) ? SLOW_MS : SILENT_MS,
): Promise<AnswerOf<Name>> {
  const [method = 'GET'] = route.split(' ');
  const silent = new AbortController();
  const timer = setTimeout(() => silent.abort(), patience);
  let response: Response;
  const asking = me.get();
  try {
    response = await fetch(addressOf(route, parameters), { method, ...request, signal: silent.signal });
  } catch {
    throw new ApiProblem(
      0,
      silent.signal.aborted ? 'The server does not answer' : 'The server cannot be reached',
    );
  } finally {
    clearTimeout(timer);
  }
  const answer = await bodyOf(response);
  if (response.ok) return answer as AnswerOf<Name>;
  // Whoever came in since it was asked is not lost by it.
  if (response.status === 401 && !COMING_IN.has(route) && me.get() === asking) me.lost();
  const { title = `The server answered ${response.status}`, detail, faults, documents, left } = answer;
  // What can be done about a server that cannot just now.
  const words = response.status === 503 && detail ? `${title}. ${detail}` : title;
  throw new ApiProblem(response.status, words, faults, documents !== undefined, left);
}

interface Answer {
  readonly title?: string;
  readonly detail?: string;
  readonly faults?: Fault[];
  readonly documents?: unknown;
  readonly left?: NotBooked[];
}

/** The JSON that was answered. A good answer that breaks off is none. */
async function bodyOf(response: Response): Promise<Answer> {
  try {
    return (await response.json()) as Answer;
  } catch {
    if (response.ok) throw new ApiProblem(0, 'The answer of the server broke off');
    return {};
  }
}

/** What went wrong, as its own words say it. */
export const messageOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** What a failed request says to people, on one line, with the faults of what was refused. */
export const wordsOf = (error: unknown): string =>
  error instanceof ApiProblem ? error.lines.join(' · ') : messageOf(error);
