/** Values with the words an owner reads for them. */
export const choices = (...texts: [string, string][]) =>
  texts.map(([value, text]) => ({ value, text }));
