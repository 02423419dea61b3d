import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { away } from './bin/away';
import { compressed } from './bin/compressed';
import { palette } from './bin/palette';
import { stills } from './bin/stills';

const CHARTS =
  /node_modules\/(recharts|d3-|victory-vendor|@reduxjs|redux|immer|reselect|decimal|es-toolkit|react-redux|internmap|tiny-invariant|eventemitter3)|parts\/Chart/;

/** Dialogs and what only they need. */
const OVER =
  /node_modules\/(react-remove-scroll|use-sidecar|use-callback-ref|react-style-singleton|aria-hidden)|@mantine\/(notifications|spotlight)|components\/(Modal|ModalBase|Overlay|Portal|FocusTrap|ScrollArea|Paper|Notification)\/|styles\/(ScrollArea|Paper|CloseButton|Overlay|ModalBase|Modal|Notification|Table)\.css|theme\/over/;

export default defineConfig({
  plugins: [react(), palette(), stills(), compressed(), away()],
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
            { name: 'over', minShareCount: 2, test: OVER, priority: 1 },
            { name: 'bench', minShareCount: 4, priority: 2, test: (id: string) => !CHARTS.test(id) && !OVER.test(id) },
          ],
        },
      },
    },
  },
  base: '/build/',
});
