import { readdirSync, readFileSync } from 'node:fs';
import { gunzipSync } from 'node:zlib';
import type { Plugin } from 'vite';
import { keyFrames, readFilm } from '../resources/js/drawings/knot/film';
import { still } from '../resources/js/drawings/knot/svg';

const FILMS = 'resources/films';

/** Colours of a still picture by day and by night; in the page the theme has them. */
const PAPER = `:root{--paper:#fff;--paper-sunk:#f3f0e8;--paper-raised:#fff;--ink:#1b2830;--ink-soft:#55626a;--next:#0d5d4a;--metal:#fffdf6;
--cord-a:#dfe8ea;--cord-a-behind:#aebfc5;--cord-b-texture:#7d6a3a;--cord-b:#e9d9ae;--cord-b-behind:#bda978;--cord-fresh:#5fb79a;--cord-fresh-behind:#3f8a72}
text{font-family:sans-serif}`;

/** The key pose of every move of every knot as a picture of its own, built with the front end: for pages without scripts. */
export function stills(): Plugin {
  return {
    name: 'stills',
    apply: 'build',
    generateBundle() {
      const style = PAPER + readFileSync('resources/js/drawings/knot/knot.css', 'utf8').replace(/\/\*.*?\*\//gs, '');
      for (const file of readdirSync(FILMS)) {
        const film = readFilm(JSON.parse(gunzipSync(readFileSync(`${FILMS}/${file}`)).toString()));
        const moves = 1 + Math.max(...film.stages.map((each) => each.move));
        keyFrames(film, moves).forEach((frame, move) => {
          this.emitFile({
            type: 'asset',
            fileName: `assets/${file.replace('.json.gz', '')}.${move + 1}.svg`,
            source: still(film, frame, style),
          });
        });
      }
    },
  };
}
