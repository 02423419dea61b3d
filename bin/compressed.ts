import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import type { Plugin } from 'vitest/config';

const TEXT = /\.(js|css|svg)$/;

/** Beside each built file that is text, the same compressed: it is compressed once, and sent so to whoever takes it. */
export function compressed(): Plugin {
  return {
    name: 'compressed',
    apply: 'build',
    // once all is written: until then what stands in the files is not the last word
    writeBundle({ dir }) {
      const assets = join(dir ?? '', 'assets');
      for (const name of readdirSync(assets)) {
        const file = join(assets, name);
        if (TEXT.test(name)) writeFileSync(`${file}.gz`, gzipSync(readFileSync(file), { level: 9 }));
      }
    },
  };
}
