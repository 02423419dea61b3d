import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import type { Plugin } from 'vite';

const TEXT = /\.(js|css|svg)$/;
/** What a first view waits for. */
const FIRST = /\.(js|css)$/;
/** The tightest would take three times as long to build for a fiftieth less. */
const TIGHT = { params: { [constants.BROTLI_PARAM_QUALITY]: 10 } };

/** Beside each built file that is text, the same compressed, both ways that browsers take: it is compressed once, and sent so to whoever takes it. */
export function compressed(): Plugin {
  return {
    name: 'compressed',
    apply: 'build',
    // once all is written: until then what stands in the files is not the last word
    writeBundle({ dir }) {
      const assets = join(dir ?? '', 'assets');
      for (const name of readdirSync(assets)) {
        const file = join(assets, name);
        if (!TEXT.test(name)) continue;
        const text = readFileSync(file);
        writeFileSync(`${file}.gz`, gzipSync(text, { level: 9 }));
        if (FIRST.test(name)) writeFileSync(`${file}.br`, brotliCompressSync(text, TIGHT));
      }
    },
  };
}
