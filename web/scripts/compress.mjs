// compresses what browsers load, once, at the best level; says what shop pages pay
import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { brotliCompressSync, gzipSync } from 'node:zlib';

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
  if (path === 'dist/nodyes.js') {
    console.log(`nodyes.js: ${bytes.length} bytes, ${brotli.length} with brotli`);
  }
}
