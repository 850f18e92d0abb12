/** Talking to the server: JSON in and out, problems as errors with their faults. */
import type { Bundle } from '@idle-satchel/core';

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

export const call = <T>(path: string, method = 'GET', body?: unknown): Promise<T> =>
  answered<T>(() =>
    fetch(`${API}${path}`, {
      method,
      ...(body === undefined
        ? {}
        : {
            body: typeof body === 'string' ? body : JSON.stringify(body),
            headers: { 'content-type': 'application/json' },
          }),
    }),
  );

async function answered<T>(send: () => Promise<Response>): Promise<T> {
  let response: Response;
  try {
    response = await send();
  } catch {
    throw new ApiProblem(0, 'The server cannot be reached');
  }
  const answer = (await response.json().catch(() => ({}))) as { title?: string; faults?: Fault[] };
  if (response.ok) return answer as T;
  throw new ApiProblem(
    response.status,
    answer.title ?? `The server answered ${response.status}`,
    answer.faults,
  );
}

/** Keeps a picture on the server under an id made here; sent twice it is kept once. */
export const sendPicture = (id: string, bytes: Blob): Promise<unknown> =>
  answered(() =>
    fetch(pictureAddress(id), { method: 'PUT', body: bytes, headers: { 'content-type': bytes.type } }),
  );

export interface EventSummary {
  readonly id: string;
  readonly label: string;
  readonly start: string;
  readonly zone: string;
  readonly venue: string;
  readonly snags: { readonly stop: number; readonly risk: number; readonly note: number };
  readonly worst: string | null;
}

export interface VenueLine {
  readonly id: string;
  readonly revision: number;
  readonly name: string;
  readonly volts: number;
  readonly hertz: number;
  readonly marks: number;
  readonly sockets: number;
  readonly uploads: number;
  /** Values that nobody has measured yet. */
  readonly guesses: number;
  /** No longer offered for new events. */
  readonly archived: boolean;
}

export type DocumentName = 'plan' | 'venue' | 'rules' | 'kinds';

export interface EventBundle extends Pick<Bundle, 'shelf' | 'hands' | 'claims'> {
  readonly documents: {
    readonly [Name in DocumentName]: {
      readonly id: string;
      readonly revision: number;
      readonly body: Bundle[Name];
    };
  };
  readonly venueNow: number;
}

/** A venue at its own door: what its survey is drawn and checked with. */
export interface VenueBundle extends Pick<EventBundle, 'shelf' | 'hands' | 'claims'> {
  readonly documents: Omit<EventBundle['documents'], 'plan'>;
}

export interface OrganisationInfo {
  readonly id: string;
  readonly units: 'metric' | 'imperial';
  readonly organisations: readonly { readonly id: string; readonly name: string }[];
}

export const pictureAddress = (id: string): string => `${API}/pictures/${id}`;

/** Addresses of files that the server makes of an event or a venue, such as `events/eventfriday1`. */
export const fileOf = (of: string, name: string): string => `${API}/${of}/${name}`;
