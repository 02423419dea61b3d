import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';
import { compressed } from './bin/compressed';
import { stills } from './bin/stills';

const CHARTS =
  /node_modules\/(recharts|d3-|victory-vendor|@reduxjs|redux|immer|reselect|decimal|es-toolkit|react-redux|internmap|tiny-invariant|eventemitter3)|parts\/Chart/;

export default defineConfig({
  plugins: [react(), stills(), compressed()],
  publicDir: false,
  build: {
    outDir: 'public/build',
    emptyOutDir: true,
    manifest: 'manifest.json',
    assetsInlineLimit: 0,
    modulePreload: { polyfill: false },
    rolldownOptions: {
      input: 'resources/js/main.tsx',
      output: {
        codeSplitting: {
          groups: [
            // what several places use comes in one piece: a file for each would take longer to ask for than to read; charts only
            // come where one is drawn
            { name: 'bench', minShareCount: 4, test: (id: string) => !CHARTS.test(id) },
          ],
        },
      },
    },
  },
  base: '/build/',
  test: { include: ['resources/js/**/*.test.{ts,tsx}'] },
});
