import { availableParallelism } from 'node:os';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    // By itself it leaves one core to the screen, and of two that is half.
    maxWorkers: availableParallelism(),
    projects: [
      {
        // What is pure needs no process of its own a file. What draws, draws as it does when it is served: twice as fast.
        esbuild: { jsxDev: false },
        test: {
          name: 'unit',
          include: ['tests/unit/**/*.test.ts'],
          isolate: false,
          testTimeout: 30_000,
          env: { NODE_ENV: 'production' },
        },
      },
      {
        // Against the built server, as it answers to anybody.
        test: {
          name: 'served',
          include: ['tests/served/**/*.test.ts'],
          fileParallelism: false,
          testTimeout: 30_000,
          hookTimeout: 60_000,
        },
      },
      {
        // One cluster, one database: the files take turns, in one process, which reads the application once.
        test: {
          name: 'integration',
          include: ['tests/integration/**/*.test.ts'],
          fileParallelism: false,
          isolate: false,
          // Some start processes of their own, which takes long where others want the cores too.
          testTimeout: 60_000,
          hookTimeout: 60_000,
        },
      },
    ],
  },
});
