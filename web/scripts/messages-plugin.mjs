import { readdirSync, readFileSync } from 'node:fs';

const NAME = 'virtual:messages/';
const ROOT = new URL('../messages/', import.meta.url);

/** All messages of a language as one module, so that a language is one file and loaded alone. */
export const messages = () => ({
  name: 'messages',
  resolveId: (id) => (id.startsWith(NAME) ? `\0${id}` : undefined),
  load(id) {
    if (!id.startsWith(`\0${NAME}`)) return undefined;
    const folder = new URL(`${id.slice(NAME.length + 1)}/`, ROOT);
    const files = readdirSync(folder).map((file) => new URL(file, folder));
    const all = files.map((file) => JSON.parse(readFileSync(file, 'utf8')));
    return `export default JSON.parse(${JSON.stringify(JSON.stringify(Object.assign({}, ...all)))})`;
  },
});
