import { SimpleTable } from '@/features/parts/SimpleTable';
import type { HistoryLine } from './tankViewModel';

/** A tank's readings as a table that a screen reader can walk. */
export function HistoryTable({
  lines,
  ecUnit,
}: {
  readonly lines: readonly HistoryLine[];
  readonly ecUnit: string;
}) {
  return (
    <SimpleTable
      label="Readings"
      heads={['Day', 'pH', `EC, ${ecUnit}`, 'Temp.', 'By']}
      rows={lines.map(({ id, when, ph, ec, temp, by }) => ({
        id,
        cells: [when, ph, ec, temp, by],
      }))}
      mono={[1, 2]}
      widths={[58, 90, 90, 52, 24]}
    />
  );
}
