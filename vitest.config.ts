import { defineConfig } from 'vitest/config';

/**
 * Ceilings for what hangs, far above what a busy machine takes: no test passes or fails by how fast it is.
 * Conditions that are waited for get the same time as a whole test.
 */
const CEILING = 300_000;
const patient = { testTimeout: CEILING, hookTimeout: CEILING, expect: { poll: { timeout: 120_000 } } };

export default defineConfig({
  test: {
    projects: [
      // The core keeps no state of its own, so its files share their modules instead of reading them anew.
      {
        test: {
          ...patient,
          name: 'core',
          include: ['core/test/**/*.test.ts'],
          pool: 'threads',
          isolate: false,
        },
      },
      {
        test: {
          ...patient,
          name: 'parts',
          include: ['cli/test/**/*.test.ts', 'web/test/**/*.test.{ts,tsx}'],
        },
      },
      {
        test: {
          ...patient,
          name: 'server',
          include: ['server/test/**/*.test.ts'],
          fileParallelism: false,
          isolate: false,
        },
      },
      {
        test: {
          ...patient,
          name: 'journeys',
          include: ['e2e/**/*.test.ts'],
          exclude: ['e2e/access.test.ts'],
          fileParallelism: false,
          isolate: false,
        },
      },
      { test: { ...patient, name: 'access', include: ['e2e/access.test.ts'] } },
    ],
  },
});
