/** Errors as problem details (RFC 9457), with a field path for each fault. */
import type { Fault } from '@idle-satchel/core/documents';
import type { ErrorRequestHandler, RequestHandler } from 'express';
import type { Logger } from 'pino';

export class Problem extends Error {
  constructor(
    readonly status: number,
    readonly title: string,
    readonly detail?: string,
    readonly extra: { faults?: readonly Fault[]; [key: string]: unknown } = {},
    /** When it may be asked again, s. */
    readonly retryAfter?: number,
  ) {
    super(title);
  }
}

/** 503: it could be done, but not now. */
export const busy = (title: string, detail?: string, retryAfter = 2): Problem =>
  new Problem(503, title, detail, {}, retryAfter);

export const notFound = (what: string): Problem => new Problem(404, `There is no such ${what}`);
export const invalid = (faults: readonly Fault[]): Problem =>
  new Problem(
    422,
    'Some fields cannot be accepted',
    faults.map(f => `${f.path || '/'}: ${f.reason}`).join('\n'),
    {
      faults,
    },
  );

/** What the JSON reader of Express refuses, in words for people. */
const BODY_REFUSALS: Readonly<Record<string, readonly [status: number, title: string]>> = {
  'entity.parse.failed': [400, 'The body is not JSON'],
  'entity.too.large': [413, 'The body is too large'],
  'encoding.unsupported': [415, 'This encoding is not supported'],
  'charset.unsupported': [415, 'This character set is not supported'],
  'request.aborted': [400, 'The request was broken off'],
  'request.size.invalid': [400, 'The body is not as long as it says'],
};

/** What Postgres and the way to it say that is no fault of the program, by their codes or the beginnings of them. */
const DATABASE_REFUSALS: readonly (readonly [code: RegExp, status: number, title: string])[] = [
  [/^53100$|^ENOSPC$|^58030$/, 507, 'The disk of the server is full; nothing was changed'],
  [/^(08|57P|ECONN|EPIPE|ETIMEDOUT|ENOTFOUND|EAI_AGAIN)/, 503, 'The database cannot be reached'],
  [/^23P01$/, 409, 'Somebody else has one of these at that time'],
  [/^(53|57014$|55P03$|40001$|40P01$|25P03$)/, 503, 'The database is too busy'],
];

/** What the driver says, without a code, of a connection that was lost before or while it was asked, or that was closed. */
const LOST = /^Connection terminated|is not queryable$|after the connection manager was closed/;

/** What Sequelize calls it when there is no connection, where it gives no code. */
const UNCONNECTED = /^Sequelize(Connection|Host|Access|Invalid)|^SequelizeConnectionAcquireTimeout/;

interface Thrown {
  readonly type?: unknown;
  readonly statusCode?: unknown;
  readonly code?: string;
  readonly name?: string;
  readonly message?: string;
  readonly original?: Thrown;
}

/** The problem that an error is; undefined for what nobody foresaw. */
export function asProblem(error: unknown): Problem | undefined {
  if (error instanceof Problem) return error;
  if (error instanceof URIError) return new Problem(400, 'The address is not well formed');
  const { type, statusCode, code, name = '', message = '', original } = (error ?? {}) as Thrown;
  const refusal = typeof type === 'string' ? BODY_REFUSALS[type] : undefined;
  if (refusal) return new Problem(refusal[0], refusal[1]);
  const sign = [original?.code, code].find(each => typeof each === 'string') ?? '';
  if (/^(Z_|ERR_ZLIB|ERR__ERROR)/.test(sign)) return new Problem(400, 'The body is not encoded as it says');
  const away = DATABASE_REFUSALS.find(([codes]) => codes.test(sign));
  if (away) return new Problem(away[1], away[2], undefined, {}, RETRY_AFTER);
  if (UNCONNECTED.test(name) || LOST.test(original?.message ?? message)) {
    return busy('The database cannot be reached');
  }
  // What serves the files of the interface says so of one that is not there.
  if (statusCode === 404 || sign === 'ENOENT') return notFound('file');
  const refused = Number(statusCode);
  return refused >= 400 && refused < 500 ? new Problem(refused, 'This was not asked for well') : undefined;
}

const RETRY_AFTER = 2;

export const refuseUnknown: RequestHandler = req => {
  throw new Problem(404, 'There is nothing at this address', `${req.method} ${req.path.slice(0, 200)}`);
};

/** Answers every error as problem+json; anything unforeseen is logged and answered without its details. */
export function answerProblems(log: Logger): ErrorRequestHandler {
  return (error: unknown, _req, res, next) => {
    if (res.headersSent) return next(error);
    let problem = asProblem(error);
    if (!problem) {
      log.error(error);
      problem = new Problem(500, 'Something went wrong here; nothing was changed');
    }
    const { status, title, detail, extra, retryAfter } = problem;
    if (retryAfter !== undefined) res.set('retry-after', String(retryAfter));
    res
      .status(status)
      .type('application/problem+json')
      .send(JSON.stringify({ type: 'about:blank', title, status, ...(detail ? { detail } : {}), ...extra }));
  };
}
