// Writes docs/packages.md and docs/packages.svg from the code: each package, what it is for, and what it knows.
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { dirname } from 'node:path';

const ROOTS = ['core', 'server', 'demo', 'simulators', 'app'];
const names = execFileSync('git', ['ls-files', '-co', '--exclude-standard'], { encoding: 'utf8' })
  .split('\n')
  .filter((name) => /\/src\/main\/java\/.*\.java$/.test(name));

const purpose = (text) =>
  (/\/\*\*([\s\S]*?)\*\//.exec(text)?.[1] ?? '')
    .replace(/^\s*\* ?/gm, '')
    .replace(/\{@\w+ ([^}]*)\}/g, '`$1`')
    .split('\n\n')[0]
    .replace(/\s+/g, ' ')
    .trim();

const packages = new Map();
for (const name of names) {
  const text = readFileSync(name, 'utf8');
  const own = /^package ([\w.]+);/m.exec(text)?.[1];
  if (!own) continue;
  const entry = packages.get(own) ?? { part: dirname(name).split('/')[0], said: '', knows: new Set() };
  if (name.endsWith('package-info.java')) entry.said = purpose(text);
  for (const [, known] of text.matchAll(/^import (?:static )?(nodyes\.[a-z.]+)\.[A-Z]/gm))
    if (known !== own && !known.startsWith('nodyes.generated')) entry.knows.add(known);
  packages.set(own, entry);
}

const short = (name) => name.replace(/^nodyes\./, '');
const lines = [
  '# Packages',
  '',
  'Written by `node tools/packages.mjs` from the code: what each package is for, in the words of its package-info, and which others it knows.',
  '',
  '![Each row knows rows below it alone](packages.svg)',
];
for (const part of ROOTS) {
  lines.push('', `## ${part}`, '', '| package | for | knows |', '| --- | --- | --- |');
  for (const [name, { said, knows }] of [...packages].filter(([, one]) => one.part === part).sort())
    lines.push(`| ${short(name)} | ${said} | ${[...knows].sort().map((one) => short(one).replace(`${part}.`, '')).join(', ')} |`);
}
writeFileSync('docs/packages.md', `${lines.join('\n')}\n`);

/** How many packages of the same part stand under one: it knows rows below its own alone. */
function depth(name, path = []) {
  if (path.includes(name)) throw new Error(`A ring: ${[...path, name].join(' > ')}`);
  const { part, knows } = packages.get(name);
  const below = [...knows].filter((one) => packages.get(one)?.part === part);
  return below.length ? 1 + Math.max(...below.map((one) => depth(one, [...path, name]))) : 0;
}

const WIDTH = 640;
const ROW = 44;
const boxes = [];
let y = 16;
for (const part of ['server', 'core']) {
  const rows = [];
  for (const [name, one] of [...packages].sort())
    if (one.part === part && name !== `nodyes.${part}`) (rows[depth(name)] ??= []).push(short(name).replace(`${part}.`, ''));
  const full = rows.filter(Boolean);
  const top = y;
  y += 34;
  const drawn = full.reverse().map((row) => {
    let x = 120;
    const line = row.map((name) => {
      const wide = name.length * 8 + 20;
      if (x + wide > WIDTH - 24) {
        x = 120;
        y += ROW - 8;
      }
      const box = `<rect x="${x}" y="${y}" width="${wide}" height="28" rx="7" fill="#FFFDF8" stroke="#CFC3AE"/><text x="${x + wide / 2}" y="${y + 19}" text-anchor="middle">${name}</text>`;
      x += wide + 10;
      return box;
    });
    y += ROW;
    return line.join('\n');
  });
  boxes.push(
    `<rect x="8" y="${top}" width="${WIDTH - 16}" height="${y - top}" rx="12" fill="#F3EEE4" stroke="#CFC3AE"/>`,
    `<text x="28" y="${top + 28}" font-weight="700">${part}</text>`,
    ...drawn,
  );
  y += 16;
}
writeFileSync(
  'docs/packages.svg',
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${WIDTH} ${y}" width="${WIDTH}" height="${y}" font-family="sans-serif" font-size="14" fill="#271B2D">
<rect width="${WIDTH}" height="${y}" fill="#FFFDF8"/>
${boxes.join('\n')}
</svg>
`,
);
