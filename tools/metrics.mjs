// Prints how the house stands: sizes, long functions, copied blocks, cycles, what is documented.
// Run by ./nodyes metrics; it reads formatted code (google-java-format, prettier) by its indents.
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';

const COPIED = 10;
const LONG = 40;
const LONG_COMPONENT = 90;
const files = execFileSync('git', ['ls-files', '-co', '--exclude-standard'], { encoding: 'utf8' })
  .split('\n')
  .filter((name) => /\.(java|tsx?)$/.test(name) && !/\/test\/|\.d\.ts$|^e2e\/|^bench\//.test(name))
  .map((name) => ({ name, lines: read(name) }))
  .filter((file) => file.lines.length > 0);

function read(name) {
  try {
    return readFileSync(name, 'utf8').trimEnd().split('\n');
  } catch {
    return []; // deleted and not yet committed
  }
}

const parts = [
  ['core', files.filter(({ name }) => name.startsWith('core/'))],
  ['server', files.filter(({ name }) => name.startsWith('server/'))],
  ['web', files.filter(({ name }) => name.startsWith('web/'))],
];

const isInfo = ({ name }) => name.endsWith('package-info.java');
const quantile = (sorted, share) => sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))];

function sizes(all) {
  const sorted = all.filter((file) => !isInfo(file)).map(({ lines }) => lines.length).sort((a, b) => a - b);
  return `${quantile(sorted, 0.5)} / ${quantile(sorted, 0.9)} / ${sorted.at(-1)}`;
}

/**
 * Functions with their length: from their first line to the brace that closes at their indent. What
 * stands inside a function is part of it.
 */
function functions({ name, lines }) {
  const start = name.endsWith('.java')
    ? /^( {2}(?: {2}(?=[\w<@][\w<>[\]?,.@ ]* \w+\())?)(?! )(?!(?:return|throw|new|case|assert|if|for|while|switch|try|synchronized)\b)(?:[\w<>[\]?,.@]+ )*\w+\(.*$/
    : /^( {0,2})(?:export )?(?:default )?(?:async )?(?:function \w+|const \w+ = (?:async )?\(.*=>)/;
  const found = [];
  let last = -1;
  lines.forEach((line, at) => {
    const match = start.exec(line);
    if (at <= last || !match || /;$|\brecord\b/.test(line.trimEnd())) return;
    const close = new RegExp(`^${match[1]}}`);
    const open = lines.slice(at, at + 12).findIndex((one) => one.endsWith('{'));
    if (open < 0) return;
    const end = lines.findIndex((one, index) => index > at + open && close.test(one));
    if (end > at) last = end;
    if (end > at) found.push({ name: `${name}:${at + 1}`, lines: end - at + 1, text: line });
  });
  return found;
}

const isComponent = ({ name, text }) => name.includes('.tsx') && /function [A-Z]/.test(text);

function longFunctions(all) {
  const every = all.flatMap(functions);
  const long = every.filter((one) => one.lines > (isComponent(one) ? LONG_COMPONENT : LONG));
  return { share: `${long.length} of ${every.length}`, long };
}

/** Blocks of ten lines or more that stand somewhere else as well; imports and blank lines apart. */
function copied(all) {
  const seen = new Map();
  const blocks = [];
  for (const { name, lines } of all) {
    const kept = lines
      .map((text, index) => ({ text: text.trim(), line: index + 1 }))
      .filter(({ text }) => text && !/^(import|package|\/\/|\/\*|\*)/.test(text));
    let until = -1;
    for (let i = 0; i + COPIED <= kept.length; i++) {
      const block = kept.slice(i, i + COPIED).map(({ text }) => text).join('\n');
      const before = seen.get(block);
      if (before && i > until) {
        blocks.push(`${name}:${kept[i].line} as ${before}`);
        until = i + COPIED;
      }
      if (!before) seen.set(block, `${name}:${kept[i].line}`);
    }
  }
  return blocks;
}

/** Files of the front end that import each other in a ring; types alone do not count. */
function rings(all) {
  const names = new Set(all.map(({ name }) => name));
  const graph = new Map(
    all.map(({ name, lines }) => [
      name,
      [...lines.join('\n').matchAll(/(?:import|export) (?!type )[^;]*?from '(\.[^']+)'/g)]
        .map(([, path]) => join(dirname(name), path))
        .map((path) => [`${path}.ts`, `${path}.tsx`, path].find((one) => names.has(one)))
        .filter(Boolean),
    ]),
  );
  const state = new Map();
  const found = [];
  const visit = (node, path) => {
    if (state.get(node) === 'done') return;
    if (state.get(node) === 'open') return void found.push([...path.slice(path.indexOf(node)), node].join(' > '));
    state.set(node, 'open');
    for (const next of graph.get(node) ?? []) visit(next, [...path, node]);
    state.set(node, 'done');
  };
  for (const node of graph.keys()) visit(node, []);
  return found;
}

const TYPE = /^(public )?(?:abstract |sealed |non-sealed |final )*(?:class|record|interface|enum|@interface) /;

function javaTypes(all) {
  const types = all
    .filter(({ name }) => name.endsWith('.java'))
    .flatMap(({ name, lines }) =>
      lines
        .map((line, at) => ({ match: TYPE.exec(line), at }))
        .filter(({ match }) => match)
        .map(({ match, at }) => {
          let above = at - 1;
          while (above > 0 && /^(@|\)|\s|})/.test(lines[above]) && !/\*\/$/.test(lines[above])) above--;
          return { name, isPublic: !!match[1], documented: /\*\/$/.test(lines[above] ?? '') };
        }),
    );
  const open = types.filter((type) => type.isPublic);
  return {
    documented: `${open.filter((type) => type.documented).length} of ${open.length}`,
    inside: `${types.length - open.length} of ${types.length}`,
    bare: open.filter((type) => !type.documented).map((type) => type.name),
  };
}

function packages(all) {
  const folders = new Set(all.filter(({ name }) => name.endsWith('.java')).map(({ name }) => dirname(name)));
  const said = new Set(all.filter(isInfo).map(({ name }) => dirname(name)));
  return `${[...folders].filter((folder) => said.has(folder)).length} of ${folders.size}`;
}

const anys = (all) =>
  all.flatMap(({ name, lines }) =>
    lines.flatMap((line, at) => (/(: |<|as )any\b(?! \w)/.test(line) && !/^\s*(\/\/|\*)|'/.test(line) ? [`${name}:${at + 1}`] : [])),
  );

const rows = [
  ['file lines, median / p90 / max', ...parts.map(([, all]) => sizes(all))],
  ['functions over 40 lines (components: 90)', ...parts.map(([, all]) => longFunctions(all).share)],
  ['copied blocks of 10 lines or more', ...parts.map(([, all]) => copied(all).length)],
  ['rings of imports', 'WallsTest', 'ModulesTest', rings(parts[2][1]).length],
  ['folders with a package-info', ...parts.map(([part, all]) => (part === 'web' ? '-' : packages(all)))],
  ['public types with a Javadoc', ...parts.map(([part, all]) => (part === 'web' ? '-' : javaTypes(all).documented))],
  ['top types seen in their package alone', ...parts.map(([part, all]) => (part === 'web' ? '-' : javaTypes(all).inside))],
  ['`any`', '-', '-', anys(parts[2][1]).length],
];
console.log('| sign | core | server | web |\n| --- | --- | --- | --- |');
for (const row of rows) console.log(`| ${row.join(' | ')} |`);
if (process.argv.includes('--all')) {
  const list = (title, items) => items.length && console.log(`\n${title}\n  ${items.join('\n  ')}`);
  for (const [part, all] of parts) {
    list(`${part}: long functions`, longFunctions(all).long.map(({ name, lines }) => `${name} ${lines}`));
    list(`${part}: copied`, copied(all));
    list(`${part}: bare public types`, part === 'web' ? [] : javaTypes(all).bare);
    list(`${part}: over 300 lines`, all.filter(({ lines }) => lines.length > 300).map(({ name, lines }) => `${name} ${lines.length}`));
  }
  list('rings', rings(parts[2][1]));
  list('any', anys(parts[2][1]));
}
