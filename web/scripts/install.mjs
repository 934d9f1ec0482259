// runs `npm ci` only when package-lock.json changed since the last install
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { spawnSync } from 'node:child_process';

const hash = createHash('sha256').update(readFileSync('package-lock.json')).digest('hex');
const stamp = 'node_modules/.lock-hash';
if (existsSync(stamp) && readFileSync(stamp, 'utf8') === hash) process.exit(0);
console.log('Installing front-end packages');
const run = spawnSync('npm', ['ci', '--no-audit', '--no-fund', '--prefer-offline'], {
  stdio: 'inherit',
});
if (run.status !== 0) process.exit(run.status ?? 1);
writeFileSync(stamp, hash);
