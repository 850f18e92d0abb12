import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: 'core',
          include: ['core/test/**/*.test.ts'],
          testTimeout: 60_000,
        },
      },
      {
        test: {
          name: 'parts',
          include: ['cli/test/**/*.test.ts', 'web/test/**/*.test.ts'],
          testTimeout: 60_000,
        },
      },
      {
        test: {
          name: 'server',
          include: ['server/test/**/*.test.ts'],
          testTimeout: 60_000,
          hookTimeout: 60_000,
          fileParallelism: false,
        },
      },
      {
        test: {
          name: 'journeys',
          include: ['e2e/**/*.test.ts'],
          exclude: ['e2e/access.test.ts'],
          testTimeout: 90_000,
          hookTimeout: 90_000,
          fileParallelism: false,
        },
      },
      {
        test: {
          name: 'access',
          include: ['e2e/access.test.ts'],
          testTimeout: 90_000,
          hookTimeout: 90_000,
        },
      },
    ],
  },
});
