import { defineConfig } from 'vitest/config';

/** End-to-end tests, two files side by side: each waits most of its time for its own browser. */
export default defineConfig({
  test: {
    include: ['e2e/**/*.e2e.ts'],
    maxWorkers: 2,
    testTimeout: 900_000,
    hookTimeout: 120_000,
    // A poll asks again as long as a locator waits: one look is not enough on a busy machine.
    expect: { poll: { timeout: 120_000 } },
  },
});
