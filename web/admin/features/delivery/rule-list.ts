/** What can be done with a rule in its list. */
export type RuleAction = 'copy' | 'up' | 'down' | 'remove';

interface WithId {
  id: string;
}

/** An id that none of the rules has: as many as there are, or the next number. */
export function freeId(rules: readonly WithId[], prefix: string): string {
  let n = rules.length + 1;
  while (rules.some((rule) => rule.id === `${prefix}-${n}`)) n++;
  return `${prefix}-${n}`;
}

/** The list after something was done with one of its rules; a copy stands behind it. */
export function acted<Rule extends WithId>(
  rules: readonly Rule[],
  rule: Rule,
  act: RuleAction,
  prefix: string,
): Rule[] {
  const at = rules.indexOf(rule);
  const rest = rules.filter((one) => one !== rule);
  switch (act) {
    case 'remove':
      return rest;
    case 'copy':
      return rules.toSpliced(at + 1, 0, { ...rule, id: freeId(rules, prefix) });
    case 'up':
      return rest.toSpliced(Math.max(0, at - 1), 0, rule);
    case 'down':
      return rest.toSpliced(at + 1, 0, rule);
  }
}
