import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { BUILD, compressed } from './vite.config.ts';

/** The page of pupils' devices: a build of its own, which has nothing of the teacher's screens. */
export default defineConfig({
  plugins: [react(), compressed],
  base: '/room/',
  publicDir: false,
  build: {
    ...BUILD,
    outDir: 'target/classes/static/room',
    rolldownOptions: { input: 'room.html' },
  },
});
