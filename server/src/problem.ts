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
  ) {
    super(title);
  }
}

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

export function asProblem(error: unknown): Problem | undefined {
  if (error instanceof Problem) return error;
  if (error instanceof URIError) return new Problem(400, 'The address is not well formed');
  const { type, statusCode } = (error ?? {}) as { type?: unknown; statusCode?: unknown };
  const refusal = typeof type === 'string' ? BODY_REFUSALS[type] : undefined;
  if (refusal) return new Problem(refusal[0], refusal[1]);
  // What serves the files of the interface says so of one that is not there.
  return statusCode === 404 ? notFound('file') : undefined;
}

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
    const { status, title, detail, extra } = problem;
    res
      .status(status)
      .type('application/problem+json')
      .send(JSON.stringify({ type: 'about:blank', title, status, ...(detail ? { detail } : {}), ...extra }));
  };
}
