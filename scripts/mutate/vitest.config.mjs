// The tests of the core as `npm run mutate` runs them in its copy: each file reads its modules anew, as constants are
// read when a module is, and what was transformed once is kept.
export default {
  test: {
    include: ['core/test/**/*.test.ts'],
    setupFiles: ['setup.mjs'],
    testTimeout: 200_000,
    hookTimeout: 200_000,
    pool: 'threads',
    maxWorkers: 1,
    experimental: { fsModuleCache: true },
  },
};
