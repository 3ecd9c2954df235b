import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

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
  test: { environment: 'jsdom', setupFiles: ['src/test-setup.ts'] },
});
