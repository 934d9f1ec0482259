/** Values whose short names say nothing to an owner; the others are read as their words. */
const NAMES: Record<string, string> = {
  n: 'number',
  of: 'of how many',
  mean: 'mean rating',
  what: 'what was given',
  left: 'time left',
  end: 'the end',
};
const STORED = new Map(Object.entries(NAMES).map(([name, text]) => [text, name]));

/** The name of a value as an owner reads it: percentOff is percent off. */
export const valueName = (name: string) =>
  NAMES[name] ?? name.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

const storedName = (text: string) =>
  STORED.get(text) ?? text.replace(/ +(\p{L})/gu, (_, letter: string) => letter.toUpperCase());

/** A wording with its values named as an owner reads them. */
export const named = (wording: string) =>
  wording.replace(/\{(\w+)\}/g, (_, name: string) => `{${valueName(name)}}`);

/** The wording as it is stored. */
export const stored = (text: string) =>
  text.replace(/\{([^{}]+)\}/g, (_, name: string) => `{${storedName(name)}}`);
