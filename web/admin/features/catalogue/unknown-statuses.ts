const STATUS_TERMS = ['orderStatus', 'orderItemStatus'];

/** Words for a status that nobody said the meaning of, each once. */
export const unknownStatuses = (problems: { field: string; value: string }[]) => [
  ...new Set(
    problems.filter(({ field }) => STATUS_TERMS.includes(field)).map(({ value }) => value),
  ),
];
