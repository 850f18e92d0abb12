/** What request handlers need: the database, the live relay, threads for heavy work, the log. */
import type { Logger } from 'pino';
import type { Sequelize } from 'sequelize';
import type { Post } from './features/requests/post.js';
import type { LiveRelay } from './features/live/relay.js';
import type { Heavy } from './heavy/pool.js';

export interface Context {
  readonly sequelize: Sequelize;
  readonly relay: LiveRelay;
  readonly heavy: Heavy;
  readonly log: Logger;
  /** How mail goes out. */
  readonly post: Post;
  /** Everybody is the owner of what is there: sample data, on a loopback address. */
  readonly demo: boolean;
}
