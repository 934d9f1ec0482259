import { groupBySpot } from '../layout/verdict-rows';

/** A nod with its answer on the page; nothing where it is not about this page. */
export function rowOf(
  placed: Parameters<typeof groupBySpot>[0],
  report: Parameters<typeof groupBySpot>[1],
  nod: string,
) {
  const { spots, elsewhere } = groupBySpot(placed, report);
  return [...spots.flatMap((spot) => spot.rows), ...elsewhere].find((row) => row.nod === nod);
}
