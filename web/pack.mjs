// Packs what is fetched once and kept for long beside itself, as small as it gets: the server gives that to whoever takes it.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, constants, gzipSync } from 'node:zlib';

const folder = 'dist/assets/';
for (const name of readdirSync(folder).filter((n) => /\.(wasm|js|css)$/.test(n))) {
  const bytes = readFileSync(folder + name);
  const packed = brotliCompressSync(bytes, {
    params: { [constants.BROTLI_PARAM_LGWIN]: constants.BROTLI_MAX_WINDOW_BITS },
  });
  writeFileSync(`${folder}${name}.br`, packed);
  writeFileSync(`${folder}${name}.gz`, gzipSync(bytes, { level: 9 }));
  if (name.endsWith('.wasm')) {
    console.log(`web: ${name} ${Math.round(bytes.length / 1000)} kB, ${Math.round(packed.length / 1000)} kB packed`);
  }
}
