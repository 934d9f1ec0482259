import { arrives } from './labels';
import type { Estimate } from './queries';
import { t } from '../../shared/t';

/** A basket line by line: the slowest decides where all goes in one parcel. */
export function Lines({ lines }: { lines: Estimate['lines'] }) {
  return (
    <table
      aria-label={t('delivery.lines.lineByLine')}
      className="mt-2 w-full border-collapse text-[13.5px]"
    >
      <tbody>
        {lines.map((line) => (
          <tr key={line.slug} className="border-t border-line">
            <th className="py-0.5 text-left font-normal">{line.title}</th>
            <td className="text-right" title={line.arrival.none}>
              {arrives(line.arrival)}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
