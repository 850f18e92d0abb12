/** The web application: API under /api/v1, and the built interface for everything else. */
import compression, { type CompressionFilter } from 'compression';
import express, { type Express, type RequestHandler, type Response } from 'express';
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
/** Of those, by personal links and calendars. */
const REQUESTS_BY_LINK = 60;

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
  /** Of those, by personal links and calendars. */
  readonly requestsByLink?: number;
  /** Proxies before it whose word counts on who asks, and how: their addresses, or how many there are. */
  readonly trustProxy?: string;
  /** It answers only what came by TLS. */
  readonly onlySecure?: boolean;
  /** The certificate of the authority that made its own, as PEM, for phones to fetch. */
  readonly authority?: string;
}

/** What Express reads: a number of proxies, or their addresses. */
const proxies = (text: string): number | string[] =>
  /^\d+$/.test(text) ? Number(text) : text.split(/[\s,]+/).filter(Boolean);

/** Browsers that came by TLS once come by nothing else for a year. */
const STRICTLY = 'max-age=31536000';

const promiseTls: RequestHandler = (request, response, next) => {
  if (request.secure) response.setHeader('strict-transport-security', STRICTLY);
  next();
};

const sendAuthority = (response: Response, authority: string): void =>
  void response.type('application/x-x509-ca-cert').attachment('local-authority.crt').send(authority);

/** 403 for what did not come by TLS: passwords and cookies are for nobody on the way. */
const refuseOpenWay: RequestHandler = (request, _response, next) => {
  if (request.secure) return next();
  throw new Problem(
    403,
    'This is reached by TLS only',
    'A proxy before it says so with X-Forwarded-Proto: https',
  );
};

const tooMany = (): never => {
  throw new Problem(429, 'Too many requests; wait a minute');
};

export function createApp(
  context: Context,
  {
    interfaceFolder,
    hosts = LOOPBACK_HOSTS,
    requestsPerMinute = REQUESTS_PER_MINUTE,
    requestsByLink = REQUESTS_BY_LINK,
    trustProxy,
    onlySecure = false,
    authority,
  }: AppOptions = {},
): Express {
  const app = express();
  app.disable('x-powered-by');
  // Answers of the API are never the same twice for long: nothing is gained by telling them apart.
  app.disable('etag');
  if (trustProxy !== undefined) app.set('trust proxy', proxies(trustProxy));
  if (onlySecure) app.use(refuseOpenWay);
  app.use(API, ofAnswers);
  app.use(except(API, ofPages));
  app.use(onlyHosts(hosts));
  // A certificate of one's own is for one evening: nothing is promised for longer.
  if (authority === undefined) app.use(promiseTls);
  else app.get('/local-authority.crt', (_request, response) => sendAuthority(response, authority));
  app.use(compression({ filter: mayCompress }));
  app.use(
    API,
    rateLimit({
      limit: requestsPerMinute,
      windowMs: 60_000,
      standardHeaders: true,
      legacyHeaders: false,
      handler: tooMany,
    }),
  );
  // Nobody tries many tokens; calendars ask now and then.
  app.use(
    [`${API}/duties`, `${API}/calendar`],
    rateLimit({
      limit: requestsByLink,
      windowMs: 60_000,
      standardHeaders: true,
      legacyHeaders: false,
      handler: tooMany,
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
