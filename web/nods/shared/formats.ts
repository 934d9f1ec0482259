const made: Record<string, object> = {};

/** What writes something as a language does, made once: a browser takes a while for each. */
export const intl = <T extends object, O>(
  of: new (language: string, options: O) => T,
  language: string,
  options: O,
): T => (made[of.name + language + JSON.stringify(options)] ??= new of(language, options)) as T;
