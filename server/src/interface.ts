/** The built interface as files: compressed when it was built, and announced before the page asks for it. */
import { isId, ON_PLAN, type StationName } from '@idle-satchel/core';
import type { Express } from 'express';
import compressedFiles from 'express-static-gzip';
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { API } from './route.js';

/** What the build says of a module: its file, and what it imports at once and later. */
interface Chunk {
  readonly file: string;
  readonly imports?: readonly string[];
  readonly dynamicImports?: readonly string[];
}
type Manifest = Readonly<Record<string, Chunk>>;

const ENTRY = 'index.html';
const EVENT_PAGE = 'src/app/EventPage.tsx';
const PLAN = 'src/bench/PlanPicture.tsx';
const FIRST_STATION = 'brief';

/** Serves the interface from the folder it was built into; every address that is no file is the application’s own. */
export function serveInterface(app: Express, folder: string): void {
  const files = (of: string, serveStatic: object) =>
    compressedFiles(of, {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      index: false,
      serveStatic,
    });
  const manifest = manifestOf(folder);
  app.use('/assets', files(join(folder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  app.use(files(folder, {}));
  app.get(['/events/:event', '/events/:event/:station'], (request, response, next) => {
    const { event, station } = request.params as { event: string; station?: string };
    if (isId(event)) response.set('link', preloads(manifest, event, station ?? FIRST_STATION).join(', '));
    next();
  });
  app.get('/{*any}', (_request, response) => {
    response.set('cache-control', 'no-cache').sendFile(join(folder, 'index.html'));
  });
}

function manifestOf(folder: string): Manifest {
  const path = join(folder, '.vite/manifest.json');
  return existsSync(path) ? (JSON.parse(readFileSync(path, 'utf8')) as Manifest) : {};
}

/**
 * What the page of an event will ask for one after the other, so that all of it is on its way at once: the event
 * itself, and the scripts of its page and station, and of the plan where that is shown.
 */
function preloads(manifest: Manifest, event: string, station: string): string[] {
  const page = manifest[EVENT_PAGE];
  const own = page?.dynamicImports?.find(key => stationOf(key) === station);
  const first = chunksOf(manifest, ENTRY);
  const plan = ON_PLAN.has(station as StationName) ? [PLAN] : [];
  const later = [EVENT_PAGE, ...(own === undefined ? [] : [own]), ...plan].flatMap(key => [
    ...chunksOf(manifest, key),
  ]);
  const scripts = new Set(later.filter(key => !first.has(key)).map(key => manifest[key]?.file ?? ''));
  return [
    `<${API}/events/${event}/bundle>; rel=preload; as=fetch; crossorigin=anonymous`,
    ...[...scripts].map(file => `</${file}>; rel=modulepreload`),
  ];
}

/** The station whose page a module is. */
const stationOf = (key: string): string | undefined =>
  /^src\/stations\/(\w+)\/\w+(?:Station|Ledger)\.tsx$/.exec(key)?.[1];

/** A module and everything that it imports at once. */
function chunksOf(manifest: Manifest, key: string, found = new Set<string>()): Set<string> {
  if (found.has(key) || !manifest[key]) return found;
  found.add(key);
  for (const next of manifest[key].imports ?? []) chunksOf(manifest, next, found);
  return found;
}
