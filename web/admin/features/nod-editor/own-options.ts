import type { NodFace, Settings } from '../layout/nod-queries';

type Options = Record<string, string>;

/** What is set of a kind's options, and how to set one; what is as usual is not kept. */
export function ownOptions(face: NodFace, set: Settings) {
  const own = (set.own['options'] ?? {}) as Options;
  const usual = Object.fromEntries(face.options.map((option) => [option.name, option.usual]));
  const values: Options = { ...usual, ...own };
  const put = (name: string, value: string): Partial<Settings> => {
    const next = { ...own, [name]: value };
    if (value === usual[name]) delete next[name];
    return { own: { ...set.own, options: next } };
  };
  return { values, put };
}
