import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: {
    alias: {
      '~core': fileURLToPath(new URL('./core', import.meta.url)),
      '~': fileURLToPath(new URL('./app', import.meta.url)),
    },
  },
  test: {
    include: [
      'core/**/*.test.ts',
      'app/**/*.test.ts',
      'server/**/*.test.ts',
      'scripts/**/*.test.ts',
      'data/**/*.test.ts',
    ],
    // No test leaves anything behind, and the word bank is then read once a worker.
    isolate: false,
    // Both cores: one is left over otherwise, as there is nobody who waits for it.
    maxWorkers: 2,
    // A property of 1,000 seeds takes seven times as long on a busy machine.
    testTimeout: 600_000,
    hookTimeout: 120_000,
  },
});
