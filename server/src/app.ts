/** The web application: API under /api/v1, and the built interface for everything else. */
import compression, { type CompressionFilter } from 'compression';
import express, { type Express } from 'express';
import { rateLimit } from 'express-rate-limit';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import type { Context } from './context.js';
import { readImport } from './features/events/routes.js';
import { readFile } from './features/files/routes.js';
import { readPicture } from './features/pictures/routes.js';
import { identify } from './gate/who.js';
import { except, ofAnswers, ofPages } from './headers.js';
import { serveInterface } from './interface.js';
import { openApi } from './openapi.js';
import { LOOPBACK_HOSTS, onlyHosts, onlyJson, onlyOwnPages } from './origin.js';
import { answerProblems, Problem, refuseUnknown } from './problem.js';
import { API, register } from './route.js';
import { routes } from './routes.js';

/** Requests of one address in a minute. */
const REQUESTS_PER_MINUTE = 6000;

/** What is told as it happens must not wait for more to be compressed with it. */
const mayCompress: CompressionFilter = (request, response) =>
  !/^text\/event-stream/.test(String(response.getHeader('content-type'))) &&
  compression.filter(request, response);

export interface AppOptions {
  /** Folder of the built interface; without it there is only the API. */
  readonly interfaceFolder?: string | undefined;
  /** Names the server answers to. */
  readonly hosts?: ReadonlySet<string>;
  /** Requests of one address in a minute. */
  readonly requestsPerMinute?: number;
}

export function createApp(
  context: Context,
  { interfaceFolder, hosts = LOOPBACK_HOSTS, requestsPerMinute = REQUESTS_PER_MINUTE }: AppOptions = {},
): Express {
  const app = express();
  app.disable('x-powered-by');
  // Answers of the API are never the same twice for long: nothing is gained by telling them apart.
  app.disable('etag');
  app.use(API, ofAnswers);
  app.use(except(API, ofPages));
  app.use(onlyHosts(hosts));
  app.use(compression({ filter: mayCompress }));
  app.use(
    API,
    rateLimit({
      limit: requestsPerMinute,
      windowMs: 60_000,
      standardHeaders: true,
      legacyHeaders: false,
      handler: () => {
        throw new Problem(429, 'Too many requests; wait a minute');
      },
    }),
  );
  app.use(API, onlyOwnPages);
  app.use(API, identify(context));
  app.put(`${API}/pictures/:id`, readPicture);
  app.put(`${API}/files/:id`, readFile);
  const beside = (request: { url?: string | undefined }): boolean =>
    !/^\/(pictures|files)\//.test(request.url ?? '');
  // What is kept as bytes has been read already.
  app.use(API, (request, response, next) => (beside(request) ? onlyJson(request, response, next) : next()));
  app.use([`${API}/events/import`, `${API}/shelf/gear`], readImport);
  app.use(API, express.json({ limit: '1mb', strict: true, type: beside }));
  register(app, context, routes);
  const description = openApi();
  app.get(`${API}/openapi.json`, (_req, res) => void res.json(description));
  app.use('/api', refuseUnknown);
  if (interfaceFolder && existsSync(join(interfaceFolder, 'index.html')))
    serveInterface(app, interfaceFolder);
  app.use(refuseUnknown);
  app.use(answerProblems(context.log));
  return app;
}
