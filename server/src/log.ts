/** The log: what went wrong and where, without what was written or asked by whom. */
import { pino, type DestinationStream, type Logger } from 'pino';
import { BaseError } from 'sequelize';

/** What the database says of itself, by the names that its errors carry. */
const OF_DATABASE = ['code', 'table', 'column', 'constraint', 'routine'] as const;

/** The frames of a stack without the message before them. */
const framesOf = (stack = ''): string => stack.slice(Math.max(0, stack.search(/^\s+at /m)));

/**
 * An error for the log. What a database has against values names the values, and what was asked has them as parameters:
 * of such an error only its code, and where it arose, are kept.
 */
export function plainError(error: Error): Readonly<Record<string, unknown>> {
  const { name: type, message, stack } = error;
  const code = (error as { code?: unknown }).code;
  const parent = error instanceof BaseError ? (error as { parent?: object }).parent : error;
  if (error instanceof BaseError || 'severity' in error) {
    const known = OF_DATABASE.flatMap(key => {
      const value = (parent as Readonly<Record<string, unknown>> | undefined)?.[key];
      return typeof value === 'string' ? [[key, value] as const] : [];
    });
    return { type, ...Object.fromEntries(known), stack: framesOf(stack) };
  }
  return { type, message, stack, ...(code !== undefined && { code }) };
}

/** Said of an error in the place of its message, which may name values. */
const WENT_WRONG = 'something went wrong';

export const newLog = (level: string, to: DestinationStream): Logger =>
  pino(
    {
      level,
      serializers: { err: plainError },
      hooks: {
        logMethod([first, ...more], method) {
          if (first instanceof Error) method.call(this, { err: first }, String(more[0] ?? WENT_WRONG));
          else method.call(this, first, ...more);
        },
      },
    },
    to,
  );
