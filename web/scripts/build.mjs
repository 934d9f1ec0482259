// contract, types, lint and build, when anything they read has changed since the last time
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { spawn } from 'node:child_process';

const OWN = ['contract', 'dist', 'node_modules', 'target'];
const files = (folder) =>
  readdirSync(folder)
    .filter((name) => folder !== '.' || !OWN.includes(name))
    .sort()
    .flatMap((name) => {
      const path = `${folder}/${name}`;
      return statSync(path).isDirectory() ? files(path) : [path];
    });
const hash = createHash('sha256');
for (const path of [...files('.'), '../server/target/openapi.json']) {
  hash.update(path).update(readFileSync(path));
}
const now = hash.digest('hex');
const stamp = 'node_modules/.built-from';
const before = existsSync(stamp) ? readFileSync(stamp, 'utf8') : '';
if (before === now && existsSync('dist/nodyes.js.br')) process.exit(0);

const run = (script) =>
  new Promise((done) =>
    spawn('npm', ['run', '--silent', script], { stdio: 'inherit' }).on('close', done),
  );
const inTurn = async (...scripts) => {
  for (const script of scripts) {
    const status = await run(script);
    if (status !== 0) return status ?? 1;
  }
  return 0;
};
// what reads the contract waits for it; checks and builds do not wait for one another
const status =
  (await inTurn('contract')) ||
  Math.max(...(await Promise.all([inTurn('typecheck', 'build'), inTurn('messages', 'lint')])));
if (status !== 0) process.exit(status);
writeFileSync(stamp, now);
