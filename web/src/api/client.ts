/** Talking to the server by the routes of its contract: JSON in and out, problems as errors with their faults. */
import type { AnswerOf, BodyOf, RouteName } from '@idle-satchel/core/api';

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

type Body<Name extends RouteName> = BodyOf<Name> extends undefined ? [] : [body: BodyOf<Name>];

/** Asks a route with the JSON that it takes. Rejects with `ApiProblem`. */
export const call = <Name extends RouteName>(
  route: Name,
  parameters: Parameters,
  ...[body]: Body<Name>
): Promise<AnswerOf<Name>> =>
  answered(route, parameters, body === undefined ? undefined : JSON.stringify(body), 'application/json');

/** Sends bytes to a route that takes a file. Rejects with `ApiProblem`. */
export const sendFile = <Name extends 'PUT /pictures/:id' | 'POST /events/import'>(
  route: Name,
  parameters: Parameters,
  file: Blob,
  type = file.type,
): Promise<AnswerOf<Name>> => answered(route, parameters, file, type);

async function answered<Name extends RouteName>(
  route: Name,
  parameters: Parameters,
  body: string | Blob | undefined,
  type: string,
): Promise<AnswerOf<Name>> {
  const [method = 'GET'] = route.split(' ');
  let response: Response;
  try {
    response = await fetch(addressOf(route, parameters), {
      method,
      ...(body !== undefined && { body, headers: { 'content-type': type } }),
    });
  } catch {
    throw new ApiProblem(0, 'The server cannot be reached');
  }
  const answer = (await response.json().catch(() => ({}))) as { title?: string; faults?: Fault[] };
  if (response.ok) return answer as AnswerOf<Name>;
  throw new ApiProblem(
    response.status,
    answer.title ?? `The server answered ${response.status}`,
    answer.faults,
  );
}

/** What went wrong, as its own words say it. */
export const messageOf = (error: unknown): string => (error instanceof Error ? error.message : String(error));

/** What a failed request says to people, on one line, with the faults of what was refused. */
export const wordsOf = (error: unknown): string =>
  error instanceof ApiProblem ? error.lines.join(' · ') : messageOf(error);
