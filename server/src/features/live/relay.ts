/** What happens in the database, told to every browser connected to this process (LISTEN → server-sent events). */
import type { Response } from 'express';
import pg from 'pg';
import type { Logger } from 'pino';

interface Listener {
  readonly organisation: string;
  readonly response: Response;
}

const HEARTBEAT_MS = 20_000;
const RETRY_MS = 1_000;

export class LiveRelay {
  private readonly listeners = new Set<Listener>();
  private client: pg.Client | undefined;
  private closed = false;
  private retry: NodeJS.Timeout | undefined;
  private readonly heartbeat = setInterval(() => this.send(undefined, ': still here\n\n'), HEARTBEAT_MS);

  constructor(
    private readonly url: string,
    private readonly log: Logger,
  ) {}

  /** Starts listening; after a lost connection it listens again and asks every browser to catch up. */
  async start(): Promise<void> {
    const client = new pg.Client({ connectionString: this.url });
    client.on('error', () => undefined);
    client.on('end', () => this.listenAgain());
    client.on('notification', ({ payload }) => this.relay(payload ?? ''));
    this.client = client;
    await client.connect();
    await client.query('LISTEN satchel');
  }

  private listenAgain(): void {
    if (this.closed || this.retry) return;
    this.retry = setTimeout(() => {
      this.retry = undefined;
      this.start().then(
        () => this.send(undefined, 'event: resync\ndata: {}\n\n'),
        (error: unknown) => {
          this.log.warn(error, 'cannot listen yet');
          this.listenAgain();
        },
      );
    }, RETRY_MS);
  }

  private relay(payload: string): void {
    const { organisation, ...message } = JSON.parse(payload) as { organisation: string };
    this.send(organisation, `event: change\ndata: ${JSON.stringify(message)}\n\n`);
  }

  private send(organisation: string | undefined, text: string): void {
    for (const listener of this.listeners) {
      if (organisation === undefined || listener.organisation === organisation) listener.response.write(text);
    }
  }

  /** Keeps a response open and writes to it what happens in an organisation. */
  add(organisation: string, response: Response): void {
    const listener = { organisation, response };
    response.writeHead(200, {
      'content-type': 'text/event-stream',
      'cache-control': 'no-store',
      'x-accel-buffering': 'no',
    });
    response.write('retry: 1000\nevent: resync\ndata: {}\n\n');
    this.listeners.add(listener);
    response.on('close', () => this.listeners.delete(listener));
  }

  async close(): Promise<void> {
    this.closed = true;
    clearInterval(this.heartbeat);
    clearTimeout(this.retry);
    for (const { response } of this.listeners) response.end();
    await this.client?.end();
  }
}
