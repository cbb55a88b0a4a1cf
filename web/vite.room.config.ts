import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import react from '@vitejs/plugin-react';
import type { Plugin } from 'vite';
import { defineConfig } from 'vite';
import { BUILD, compressed } from './vite.config.ts';

/** The folders whose code the page of a device may have; only their words go with it. */
const FOLDERS = ['api', 'hand', 'paper', 'seat', 'ui'];
const KEY = /'([a-z]+\.[a-z0-9-]+)'/g;

const keysOf = (code: string) => [...code.matchAll(KEY)].map(([, key]) => key);

function saidByPupils(): Set<string> {
  const files = FOLDERS.flatMap((folder) =>
    readdirSync(join('src', folder), { recursive: true, encoding: 'utf8' })
      .filter((name) => /\.tsx?$/.test(name) && !name.includes('.test.'))
      .map((name) => join('src', folder, name)),
  );
  return new Set(files.flatMap((file) => keysOf(readFileSync(file, 'utf8'))));
}

/** Leaves the words of the teacher's screens out. */
const ownWords: Plugin = {
  name: 'own-words',
  enforce: 'pre',
  transform(code, id) {
    if (!id.endsWith('/src/words/en.json')) {
      return null;
    }
    const said = saidByPupils();
    const all = Object.entries(JSON.parse(code) as Record<string, string>);
    return JSON.stringify(Object.fromEntries(all.filter(([key]) => said.has(key))));
  },
};

/** The page of pupils' devices: a build of its own, which has nothing of the teacher's screens. */
export default defineConfig({
  plugins: [ownWords, react(), compressed],
  base: '/room/',
  publicDir: false,
  build: {
    ...BUILD,
    outDir: 'target/classes/static/room',
    rolldownOptions: { input: 'room.html' },
  },
});
