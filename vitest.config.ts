import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    // A guard against a hang, not a measure: a busy machine may be several times slower than a quiet one.
    testTimeout: 300_000,
    projects: [
      {
        extends: true,
        // Nothing in core keeps a state between calls: its patterns are compiled once, not once a file.
        test: { name: 'core', include: ['packages/core/src/**/*.test.ts'], isolate: false },
      },
      {
        extends: true,
        test: {
          name: 'others',
          include: [
            'packages/!(core)/src/**/*.test.ts',
            'apps/*/src/**/*.test.{ts,tsx}',
            'scripts/**/*.test.ts',
          ],
        },
      },
    ],
  },
});
