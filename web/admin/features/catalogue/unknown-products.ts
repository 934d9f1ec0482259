/** Names of what was sold that the catalogue does not know, each once, with how many lines have it. */
export function unknownProducts(
  problems: { field: string; value: string }[],
): { name: string; lines: number }[] {
  const lines = new Map<string, number>();
  for (const { field, value } of problems)
    if (field === 'sku' && value.trim()) lines.set(value, (lines.get(value) ?? 0) + 1);
  return [...lines]
    .map(([name, count]) => ({ name, lines: count }))
    .sort((one, other) => other.lines - one.lines);
}
