/** What happens in the database, told to every browser connected to this process (LISTEN → server-sent events). */
import type { LiveMessage } from '@idle-satchel/core/api';
import type { Response } from 'express';
import pg from 'pg';
import type { Logger } from 'pino';
import { busy } from '../../problem.js';

interface Listener {
  readonly organisation: string;
  readonly address: string;
  readonly response: Response;
  /** Whether a message is for them. */
  readonly hears: (message: LiveMessage) => Promise<boolean>;
  /** Whether they are still let in. */
  readonly stays: () => Promise<boolean>;
}

/** Connections that are kept open at once: of one address, such as that of a whole hall, and of one organisation. */
const MOST_OF_ADDRESS = 300;
const MOST_OF_ORGANISATION = 1_000;
/** What a listener has not taken in yet, bytes; one that is further behind is cut off, and catches up when it is back. */
const MOST_BEHIND = 1_000_000;
/** Writes to one who listens; one who is too far behind is cut off. */
function write(response: Response, text: string): void {
  if (response.writableLength > MOST_BEHIND) response.destroy();
  else response.write(text);
}

const HEARTBEAT_MS = 20_000;
const RETRY_MS = 1_000;

export class LiveRelay {
  private readonly listeners = new Set<Listener>();
  private client: pg.Client | undefined;
  private closed = false;
  private retry: NodeJS.Timeout | undefined;
  private readonly heartbeat = setInterval(() => this.sendAll(': still here\n\n'), HEARTBEAT_MS);

  constructor(
    private readonly url: string,
    private readonly log: Logger,
    /** Hears that something about sessions changed. */
    private readonly onSessions: () => void = () => undefined,
  ) {}

  /** Starts listening; after a lost connection it listens again and asks every browser to catch up. */
  async start(): Promise<void> {
    const client = new pg.Client({
      connectionString: this.url,
      keepAlive: true,
      connectionTimeoutMillis: 5_000,
    });
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
        () => this.sendAll('event: resync\ndata: {}\n\n'),
        (error: unknown) => {
          this.log.warn(error, 'cannot listen yet');
          this.listenAgain();
        },
      );
    }, RETRY_MS);
  }

  private relay(payload: string): void {
    const { organisation, ...message } = JSON.parse(payload) as LiveMessage & { organisation: string };
    if (message.accounts) {
      this.onSessions();
      void this.endThoseWhoAreOut(organisation);
    }
    const text = `event: change\ndata: ${JSON.stringify(message)}\n\n`;
    for (const listener of this.listeners) {
      if (listener.organisation !== organisation) continue;
      listener.hears(message).then(
        hears => hears && write(listener.response, text),
        // Whoever cannot be asked about catches up when they are back.
        () => listener.response.destroy(),
      );
    }
  }

  /** Ends the connections of those whose session has ended. */
  private async endThoseWhoAreOut(organisation: string): Promise<void> {
    for (const listener of [...this.listeners]) {
      if (listener.organisation !== organisation) continue;
      if (!(await listener.stays().catch(() => false))) listener.response.end();
    }
  }

  private sendAll(text: string): void {
    for (const { response } of this.listeners) write(response, text);
  }

  /** Keeps a response open and writes to it what happens in an organisation and is for them. 503 where too many listen. */
  add(listener: Listener): void {
    const { organisation, address, response } = listener;
    let [near, own] = [0, 0];
    for (const each of this.listeners) {
      if (each.address === address) near++;
      if (each.organisation === organisation) own++;
    }
    if (near >= MOST_OF_ADDRESS || own >= MOST_OF_ORGANISATION) {
      throw busy('Too many pages listen for changes already', 'Close some of them', 30);
    }
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
