// what the file of a kind of nod is made of: each of its sources as browsers get it, and how many
// bytes fewer the whole would have with brotli were it not there
import { readdirSync, readFileSync } from 'node:fs';
import { brotliCompressSync } from 'node:zlib';
import { minifySync, transformWithOxc } from 'vite';

const folder = `nods/${process.argv[2]}`;
const later = new Set(process.argv.slice(3));

async function small(name) {
  const text = readFileSync(`${folder}/${name}`, 'utf8');
  if (name.endsWith('.css'))
    return text.replace(/\/\*.*?\*\//gs, '').replace(/\s*([{}:;,>]|\s)\s*/g, '$1');
  const { code } = await transformWithOxc(text, name);
  return minifySync(name, code.replace(/^import .*$/gm, ''), { module: true }).code;
}

const names = readdirSync(folder).filter((name) => !later.has(name.replace(/\.\w+$/, '')));
const parts = await Promise.all(names.map(async (name) => ({ name, code: await small(name) })));
const brotli = (some) => brotliCompressSync(some.map(({ code }) => code).join('\n')).length;
const whole = brotli(parts);
const rows = parts
  .map((part) => ({
    ...part,
    bytes: part.code.length,
    saves: whole - brotli(parts.filter((other) => other !== part)),
  }))
  .sort((a, b) => b.saves - a.saves);
for (const { name, bytes, saves } of rows) console.log(`| ${name} | ${bytes} | ${saves} |`);
