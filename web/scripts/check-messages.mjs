/*
 * Holds the catalogues of the back office to their rules: each language has English's messages with
 * the same values and tags, and the plural forms that CLDR gives it; every message is used and every
 * one that is used is there; none uses a word that we do not use (docs/voice.md).
 */
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import { readdirSync, readFileSync } from 'node:fs';

const root = new URL('../', import.meta.url);
const folder = (path) => readdirSync(new URL(path, root), { withFileTypes: true });
const text = (path) => readFileSync(new URL(path, root), 'utf8');

/** Words that read oddly or mean another thing elsewhere, by language. */
const NOT_SAID = JSON.parse(text('../docs/words-to-avoid.json'));
// shoppers are asked kindly, owners read what to do
NOT_SAID.en.push('please');
const ALLOWED = {
  alone: ['SKU and Price alone', 'password alone'],
  // where money is kept
  till: ['A till', 'Till'],
};

const faults = [];
const read = (language) => {
  const all = new Map();
  for (const { name } of folder(`messages/${language}/`))
    for (const [id, message] of Object.entries(JSON.parse(text(`messages/${language}/${name}`)))) {
      if (all.has(id)) faults.push(`${language}: ${id} is there twice`);
      if (!id.startsWith(`${name.replace('.json', '')}.`))
        faults.push(`${language}: ${id} is in ${name}`);
      all.set(id, message);
    }
  return all;
};

function shapeOf(elements, plurals, found = new Set()) {
  for (const one of elements) {
    if (one.type === TYPE.tag) {
      found.add(`<${one.value}>`);
      shapeOf(one.children, plurals, found);
    } else if (one.type === TYPE.plural || one.type === TYPE.select) {
      found.add(one.value);
      const branches = Object.entries(one.options);
      if (one.type === TYPE.plural) plurals.push(branches.map(([name]) => name));
      for (const [, branch] of branches) shapeOf(branch.value, plurals, found);
    } else if (one.type !== TYPE.literal && one.type !== TYPE.pound) found.add(one.value);
  }
  return found;
}

function checkPlurals(language, id, branches) {
  const named = branches.filter((name) => !name.startsWith('='));
  const known = new Intl.PluralRules(language).resolvedOptions().pluralCategories;
  // 'many' of the Romance languages is for a million and more
  const wanted = known.filter((name) => name !== 'many' || !['pt', 'es', 'fr'].includes(language));
  for (const name of wanted)
    if (!named.includes(name)) faults.push(`${language}: ${id} has no form for ‘${name}’`);
  for (const name of named)
    if (!known.includes(name)) faults.push(`${language}: ${id} has a form ‘${name}’ too many`);
}

const languages = folder('messages/').map(({ name }) => name);
const english = read('en');
const same = (a, b) => a.size === b.size && [...a].every((one) => b.has(one));
for (const language of languages) {
  const messages = language === 'en' ? english : read(language);
  for (const [id, message] of english) {
    const said = messages.get(id);
    if (said === undefined) {
      faults.push(`${language}: ${id} is missing`);
      continue;
    }
    const plurals = [];
    let shape;
    try {
      shape = shapeOf(parse(said), plurals);
    } catch (error) {
      faults.push(`${language}: ${id} cannot be read: ${error.message}`);
      continue;
    }
    if (!same(shape, shapeOf(parse(message), [])))
      faults.push(`${language}: ${id} has other values than English: ${[...shape].join(' ')}`);
    for (const branches of plurals) checkPlurals(language, id, branches);
    for (const word of NOT_SAID[language] ?? []) {
      const pattern = new RegExp(`(?<![\\p{L}-])${word}(?![\\p{L}-])`, 'iu');
      if (pattern.test(said) && !(ALLOWED[word] ?? []).some((one) => said.includes(one)))
        faults.push(`${language}: ${id} says ‘${word}’: ${said}`);
    }
  }
  for (const id of messages.keys())
    if (!english.has(id)) faults.push(`${language}: ${id} is not in English`);
}

const sources = (path) =>
  folder(path).flatMap((entry) =>
    entry.isDirectory()
      ? sources(`${path}${entry.name}/`)
      : /\.tsx?$/.test(entry.name)
        ? [text(path + entry.name)]
        : [],
  );
const code = sources('admin/').join('\n');
const areas = folder('messages/en/').map(({ name }) => name.replace('.json', ''));
const used = new Set(
  code.match(new RegExp(`(?<=['"])(${areas.join('|')})(\\.\\w+)+(?=['"])`, 'g')),
);
for (const id of english.keys()) if (!used.has(id)) faults.push(`${id} is not used`);

if (faults.length > 0) {
  console.error(faults.join('\n'));
  process.exitCode = 1;
} else {
  console.log(`${english.size} messages in ${languages.join(', ')}`);
}
