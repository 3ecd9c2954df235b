// Packs what is fetched once and kept for long beside itself, as small as it gets: the server gives that to whoever takes it.
// Writes the worker for a time without a connection. Then tells the sizes that matter: what comes before the first picture, and core.
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const folder = 'dist/assets/';
// The worker that keeps the page for a time without a connection knows every file of the build by name.
const outside = ['favicon.svg', 'icon-192.png', 'icon-512.png', 'manifest.webmanifest'];
const files = ['/', ...outside.map((n) => `/${n}`), ...readdirSync(folder).filter((n) => !/\.(br|gz)$/.test(n)).map((n) => `/assets/${n}`)];
const worker = readFileSync('offline.js', 'utf8');
const page = readFileSync('dist/index.html', 'utf8');
const build = createHash('sha256').update(worker).update(page).update(files.join('\n')).digest('hex').slice(0, 12);
writeFileSync('dist/sw.js', worker.replace('__BUILD__', build).replace('__FILES__', JSON.stringify(files)));
for (const name of readdirSync(folder).filter((n) => /\.(wasm|js|css)$/.test(n))) {
  const bytes = readFileSync(folder + name);
  const packed = brotliCompressSync(bytes, {
    params: { [constants.BROTLI_PARAM_LGWIN]: constants.BROTLI_MAX_WINDOW_BITS },
  });
  writeFileSync(`${folder}${name}.br`, packed);
  writeFileSync(`${folder}${name}.gz`, gzipSync(bytes, { level: 9 }));
}

const manifest = JSON.parse(readFileSync('dist/.vite/manifest.json', 'utf8'));
const size = (file, packed) => Math.round(statSync(`dist/${file}${packed ? '.br' : ''}`).size / 1000);
const first = new Set();
const gather = (source) => {
  if (!first.has(manifest[source].file)) {
    first.add(manifest[source].file);
    for (const other of manifest[source].imports ?? []) {
      gather(other);
    }
  }
};
gather('index.html');
const sum = (packed) => [...first].reduce((all, file) => all + size(file, packed), 0);
const core = manifest['src/craft/craft.wasm'].file;
console.log(`web: scripts of the first load ${sum(false)} kB, packed ${sum(true)} kB (at most 250)`);
console.log(`web: core ${size(core, false)} kB, packed ${size(core, true)} kB, fetched after the first picture`);
if (sum(true) > 250) {
  throw new Error('The first load is too large: fetch something later');
}
