import { fileURLToPath } from 'node:url';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { compression, defineAlgorithm } from 'vite-plugin-compression2';
import { VitePWA } from 'vite-plugin-pwa';
import { notices } from './notices.js';

interface Graph {
  getModuleInfo(id: string): { readonly importedIds: readonly string[] } | null;
}

const at = (path: string): string => fileURLToPath(new URL(path, import.meta.url));
const FIGURES = [at('../core/dist/assessing.js'), at('../core/dist/early-stations.js')];
const LATE = at('../core/dist/late-stations.js');
const POWER = at('../core/dist/power-stations.js');
const RACKS = at('../core/dist/rack-stations.js');
const HANDS = at('../core/dist/hands-stations.js');
const EVENT_PAGE = at('src/app/EventPage.tsx');
const PLAN = at('src/bench/PlanPicture.tsx');
/** Little modules that the plan, Power or the later stations share, so that none of these waits for another. */
const SHARED = [
  at('src/ui/pointer-drag.ts'),
  at('src/bench/use-size.ts'),
  at('../core/dist/stations/runs/plugging.js'),
];
const SHELL = at('src/main.tsx');

/** A module and everything that it imports at once from the same package. */
function reachedFrom(id: string, graph: Graph, found = new Set<string>()): Set<string> {
  if (found.has(id)) return found;
  found.add(id);
  for (const next of graph.getModuleInfo(id)?.importedIds ?? []) {
    if (samePackage(id, next)) reachedFrom(next, graph, found);
  }
  return found;
}

const samePackage = (a: string, b: string): boolean =>
  [at('../core/dist/'), at('src/')].some(folder => a.startsWith(folder) && b.startsWith(folder));

type Together = 'event' | 'plan' | 'late' | 'hands-stations' | 'power-stations' | 'rack-stations';
let together: Readonly<Record<Together, ReadonlySet<string>>> | undefined;

/**
 * Far from the server each file costs a way there and back, so what every event needs at once travels together: all
 * that pictures are worked out with, and the page of an event; then the picture of the plan; the stations that no
 * picture needs; Hands; Power; Racks. Each page that is fetched later stays a file of its own.
 */
function togetherWith(id: string, graph: Graph): string | null {
  if (!together) {
    const shell = reachedFrom(SHELL, graph).add(EVENT_PAGE);
    const page = [...reachedFrom(EVENT_PAGE, graph)].filter(each => !shell.has(each));
    const shared = [...FIGURES, ...SHARED].flatMap(each => [...reachedFrom(each, graph)]);
    const event = new Set([...page, ...shared.filter(each => !shell.has(each))]);
    const taken = new Set([...shell, ...event, PLAN]);
    const further = (id: string): ReadonlySet<string> => {
      const found = [...reachedFrom(id, graph)].filter(each => !taken.has(each));
      for (const each of found) taken.add(each);
      return new Set(found);
    };
    together = {
      ...{ event, plan: further(PLAN), late: further(LATE), 'hands-stations': further(HANDS) },
      ...{ 'power-stations': further(POWER), 'rack-stations': further(RACKS) },
    };
  }
  for (const [name, modules] of Object.entries(together)) if (modules.has(id)) return name;
  return null;
}

const pictures = ({ url }: { url: URL }): boolean => url.pathname.startsWith('/api/v1/pictures/');

/** Named after what is in them, so that none ever changes. */
const parts = ({ url }: { url: URL }): boolean => url.pathname.startsWith('/assets/');

const modules = (name: string): string => at(`../node_modules/${name}`);
/** Those of which whole files are sent as they are: workers, typefaces, the solver. */
const { gathering, writing } = notices([
  ...['elkjs', 'highs', 'pdfjs-dist', 'workbox-window'].map(modules),
  ...['atkinson-hyperlegible-next', 'barlow-condensed'].map(name => modules(`@fontsource/${name}`)),
]);

export default defineConfig({
  plugins: [
    writing,
    // Files travel as they were compressed when they were built.
    compression({ algorithms: [defineAlgorithm('brotliCompress'), defineAlgorithm('gzip', { level: 9 })] }),
    react(),
    tailwindcss(),
    // Registered behind the first picture (`src/offline/register.ts`).
    VitePWA({
      registerType: 'prompt',
      injectRegister: false,
      manifest: {
        name: 'Idle Satchel',
        short_name: 'Satchel',
        description: 'Survey a venue, plan a stream, be live on the minute.',
        start_url: '/events',
        display: 'standalone',
        background_color: '#f6f1e6',
        theme_color: '#2e4a45',
        icons: [{ src: '/satchel.svg', sizes: 'any', type: 'image/svg+xml' }],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2}'],
        // Large, and not for everybody: kept once they were used here.
        globIgnores: ['**/pdf*', '**/drawing.worker*'],
        // The layout engine of the schematic is large, but a schematic is wanted where there is no server.
        maximumFileSizeToCacheInBytes: 3_000_000,
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//, /^\/notices\.txt$/],
        runtimeCaching: [
          {
            urlPattern: parts,
            handler: 'CacheFirst',
            options: {
              cacheName: 'parts',
              expiration: { maxEntries: 60 },
              cacheableResponse: { statuses: [200] },
            },
          },
          {
            urlPattern: pictures,
            handler: 'CacheFirst',
            options: {
              cacheName: 'pictures',
              expiration: { maxEntries: 300 },
              cacheableResponse: { statuses: [200] },
            },
          },
        ],
      },
    }),
  ],
  // Pictures never move by themselves: see there.
  resolve: {
    alias: {
      'd3-transition': fileURLToPath(new URL('src/bench/no-transitions.ts', import.meta.url)),
      'd3-interpolate': fileURLToPath(new URL('src/bench/no-interpolation.ts', import.meta.url)),
    },
  },
  worker: { format: 'es', plugins: () => [gathering] },
  build: {
    target: 'es2023',
    manifest: true,
    reportCompressedSize: true,
    rolldownOptions: { output: { codeSplitting: { groups: [{ name: togetherWith }] } } },
  },
});
