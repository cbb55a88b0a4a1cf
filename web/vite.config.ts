import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import react from '@vitejs/plugin-react';
import type { Plugin } from 'vite';
import { defineConfig } from 'vitest/config';

const APP = 'http://127.0.0.1:8080';

/** Lays each script and style compressed beside itself: Bemble sends that to browsers that take it. */
export const compressed: Plugin = {
  name: 'compressed',
  writeBundle({ dir = '' }, files) {
    for (const name of Object.keys(files).filter((each) => /\.(js|css)$/.test(each))) {
      const file = join(dir, name);
      writeFileSync(`${file}.br`, brotliCompressSync(readFileSync(file)));
    }
  },
};

/** What both builds have in common. */
export const BUILD = {
  emptyOutDir: true,
  // Fonts stay files: the page's security policy allows no data: fonts.
  assetsInlineLimit: 0,
  modulePreload: { polyfill: false },
};

export default defineConfig({
  plugins: [react(), compressed],
  build: { ...BUILD, outDir: 'target/classes/static' },
  test: { setupFiles: 'src/test/patience.ts', testTimeout: 30_000 },
  // Bemble answers its own pages alone: while it is worked on, these count among them.
  server: { proxy: { '/api': { target: APP, changeOrigin: true, headers: { origin: APP } } } },
});
