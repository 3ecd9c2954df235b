import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

/** Tests that need no page. */
const RECKONED = [
  'src/folders.test.ts',
  'src/{ahead,band,craft,days,dress,orders,units}/*.test.ts',
  'src/make/{words,packing}.test.ts',
  'src/plan/{merge,shared}.test.ts',
  'src/shell/help-texts.test.ts',
];

export default defineConfig({
  plugins: [react(), tailwindcss()],
  // Nothing inlined: the content-security policy allows no data: addresses.
  build: {
    // The server names in a page's head what its scripts will ask for.
    manifest: true,
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    chunkSizeWarningLimit: 800,
  },
  // One table of shown lengths tests core and the screens.
  server: { fs: { allow: ['..'] } },
  test: {
    // Every test puts back what it changed, in whatever order the files come (`--sequence.shuffle.files`), so that pages and
    // modules are made once a worker and not once a file: a tenth of the time.
    pool: 'threads',
    isolate: false,
    maxWorkers: 2,
    // What only reckons is tested without a page.
    projects: [
      { extends: true, test: { name: 'reckoned', environment: 'node', include: RECKONED } },
      {
        extends: true,
        test: {
          name: 'shown',
          environment: 'jsdom',
          setupFiles: ['src/test-setup.ts'],
          include: ['src/**/*.test.{ts,tsx}'],
          exclude: RECKONED,
        },
      },
    ],
  },
});
