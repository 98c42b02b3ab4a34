import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: { include: ['e2e/**/*.test.ts'], testTimeout: 600_000, hookTimeout: 600_000, fileParallelism: false },
});
