// compresses what browsers load, once, at the best level; says what shop pages pay
import {
  copyFileSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { brotliCompressSync, gzipSync } from 'node:zlib';

// fonts that nods on shop pages can be set in
mkdirSync('dist/nodyes/fonts', { recursive: true });
for (const name of ['instrument-sans', 'bricolage-grotesque']) {
  copyFileSync(
    `node_modules/@fontsource-variable/${name}/files/${name}-latin-wght-normal.woff2`,
    `dist/nodyes/fonts/${name}.woff2`,
  );
}
const files = (folder) =>
  readdirSync(folder).flatMap((name) => {
    const path = `${folder}/${name}`;
    return statSync(path).isDirectory() ? files(path) : [path];
  });
for (const path of files('dist').filter((name) => /\.(js|css|svg|html)$/.test(name))) {
  const bytes = readFileSync(path);
  const brotli = brotliCompressSync(bytes);
  writeFileSync(`${path}.br`, brotli);
  writeFileSync(`${path}.gz`, gzipSync(bytes, { level: 9 }));
  if (/^dist\/nodyes(\.js|\/.*\.js)$/.test(path)) {
    console.log(`${path.slice(5)}: ${bytes.length} bytes, ${brotli.length} with brotli`);
  }
}
