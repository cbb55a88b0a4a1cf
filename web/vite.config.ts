import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

const APP = 'http://127.0.0.1:8080';

export default defineConfig({
  plugins: [react()],
  build: {
    outDir: 'target/classes/static',
    emptyOutDir: true,
    // Fonts stay files: the page's security policy allows no data: fonts.
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
  },
  // Bemble answers its own pages alone: while it is worked on, these count among them.
  server: { proxy: { '/api': { target: APP, changeOrigin: true, headers: { origin: APP } } } },
});
