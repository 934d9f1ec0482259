// Writes what the front end is made of as CycloneDX (ECMA-424), from the lock file.
import { execFileSync } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';

const bom = execFileSync(
  process.platform === 'win32' ? 'npm.cmd' : 'npm',
  ['sbom', '--sbom-format', 'cyclonedx', '--omit', 'dev', '--package-lock-only'],
  { maxBuffer: 64 << 20, stdio: ['ignore', 'pipe', 'ignore'] },
);
mkdirSync('target', { recursive: true });
writeFileSync('target/bom.cdx.json', bom);
