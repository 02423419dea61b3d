import { readdirSync, readFileSync } from 'node:fs';
import { basename, join } from 'node:path';
import { build, type Plugin } from 'vite';

const ICONS = 'resources/icons';
/** What is kept on a device: scripts, styles, films, and of the fonts those that most names are written in. */
const KEPT = /\.(js|css|gz)$|-latin-wght-normal-.*\.woff2$/;
/** The same once more, packed for the way here. */
const PACKED = /\.(js|css|svg)\.gz$/;

const MANIFEST = {
  name: 'Undro',
  short_name: 'Undro',
  description: 'What goes on the spool, how it is wound, and what is due.',
  start_url: '/',
  scope: '/',
  display: 'standalone',
  background_color: '#f5f2ea',
  theme_color: '#0d5d4a',
};

/** What a phone needs to keep Undro: the manifest with its icons, and a worker that knows every built file by its name. */
export function away(): Plugin {
  return {
    name: 'away',
    apply: 'build',
    generateBundle() {
      const icons = readdirSync(ICONS).map((file) => {
        const source = readFileSync(join(ICONS, file));
        const size = /-(\d+)\.png$/.exec(file)?.[1];
        const emitted = this.emitFile({ type: 'asset', name: file, originalFileName: join(ICONS, file), source });
        return {
          src: basename(this.getFileName(emitted)),
          sizes: size ? `${size}x${size}` : 'any',
          type: size ? 'image/png' : 'image/svg+xml',
          purpose: 'any maskable',
        };
      });
      const source = JSON.stringify({ ...MANIFEST, icons });
      this.emitFile({ type: 'asset', name: 'undro.webmanifest', originalFileName: 'undro.webmanifest', source });
    },
    // once all is written, and compressed files lie beside the others
    closeBundle: {
      order: 'post',
      sequential: true,
      async handler() {
        const folder = 'public/build/assets';
        const files = readdirSync(folder).filter((file) => KEPT.test(file) && !PACKED.test(file));
        await build({
          configFile: false,
          logLevel: 'warn',
          publicDir: false,
          // the names carry a hash of what is in them
          define: {
            'self.__WB_MANIFEST': JSON.stringify(files.map((file) => ({ url: `/build/assets/${file}`, revision: null }))),
            'process.env.NODE_ENV': '"production"',
          },
          build: {
            outDir: 'public/build',
            emptyOutDir: false,
            rolldownOptions: {
              input: 'resources/js/away/worker.ts',
              output: { format: 'iife', entryFileNames: 'worker.js' },
            },
          },
        });
      },
    },
  };
}
