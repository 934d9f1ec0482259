/** Where links to the reviews lead. */
export const WALL_ID = 'nodyes-reviews';
