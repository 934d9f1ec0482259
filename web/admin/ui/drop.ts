/** The shape of a drop, which stands for a state: round but for its tip. */
export const DROP = 'inline-block rounded-[50%_50%_50%_3px]';
