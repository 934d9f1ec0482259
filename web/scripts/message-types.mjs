/*
 * Types for the messages of the back office: which there are, and which values each takes. Written
 * from the English catalogue before the compiler runs, so that a key that is not there, or a value
 * that is missing or too many, does not compile.
 */
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';

const from = new URL('../messages/en/', import.meta.url);
const to = new URL('../contract/messages.d.ts', import.meta.url);

const NUMBER = 'number';
const DATE = 'Date | number';

function valuesOf(elements, found = new Map()) {
  for (const one of elements) {
    if (one.type === TYPE.argument) add(found, one.value, 'text');
    if (one.type === TYPE.number) add(found, one.value, NUMBER);
    if (one.type === TYPE.date || one.type === TYPE.time) add(found, one.value, DATE);
    if (one.type === TYPE.plural || one.type === TYPE.select) {
      const branches = Object.keys(one.options);
      add(found, one.value, one.type === TYPE.plural ? NUMBER : choice(branches));
      for (const branch of Object.values(one.options)) valuesOf(branch.value, found);
    }
    if (one.type === TYPE.tag) {
      add(found, one.value, 'tag');
      valuesOf(one.children, found);
    }
  }
  return found;
}

// with a branch for all others any text will do
const choice = (branches) =>
  branches.includes('other') ? 'string' : branches.map((one) => `'${one}'`).join(' | ');

function add(found, name, type) {
  const before = found.get(name);
  found.set(name, before && before !== 'text' ? before : type);
}

const TYPES = {
  plain: { text: 'string | number', tag: 'never' },
  rich: { text: 'ReactNode', tag: '(chunks: ReactNode) => ReactNode' },
};

function line(id, values, kind) {
  if (values.size === 0) return `  '${id}': undefined;`;
  const types = [...values].map(([name, type]) => `${name}: ${TYPES[kind][type] ?? type}`);
  return `  '${id}': { ${types.join('; ')} };`;
}

const messages = readdirSync(from)
  .sort()
  .flatMap((file) => Object.entries(JSON.parse(readFileSync(new URL(file, from), 'utf8'))));
const parsed = messages.map(([id, text]) => [id, valuesOf(parse(text))]);
writeFileSync(
  to,
  [
    '/* written by scripts/message-types.mjs */',
    "import type { ReactNode } from 'react';",
    '',
    'export interface Messages {',
    ...parsed.map(([id, values]) => line(id, values, 'plain')),
    '}',
    '',
    'export interface RichMessages {',
    ...parsed.map(([id, values]) => line(id, values, 'rich')),
    '}',
    '',
  ].join('\n'),
);
