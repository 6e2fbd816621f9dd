import type { TableSeen } from '@/book/answers';
import { SCALE_LABEL } from '@/words';
import { intakeSays, ROLE_WORD } from '@/words/intake/intake';

const VALUES = ['ph', 'phDips', 'ec', 'ecDips', 'found'] as const;

/** Whether the grower must say something before the table can be read at all, or rightly. */
export const isUnsure = ({ columns, dayOrderUnsure }: TableSeen): boolean =>
  dayOrderUnsure ||
  !columns.includes('when') ||
  !columns.some((role) => VALUES.some((value) => value === role));

/** How a table is read, a line each for its writing, its columns and its units. */
export function howReadLines({ shape, columns, heads, units }: TableSeen): readonly string[] {
  const told = columns.flatMap((role, at) =>
    role ? [[heads[at] ?? '', ROLE_WORD[role]] as const] : [],
  );
  const holds = (role: 'ec' | 'temp') => columns.includes(role);
  return [
    intakeSays.shapeLine(shape),
    told.length > 0 ? intakeSays.columnsLine(told) : intakeSays.noColumns,
    [
      holds('ec') ? intakeSays.ecLine(SCALE_LABEL[units.ecScale]) : '',
      holds('temp') ? intakeSays.tempLine(units.tempUnit) : '',
    ]
      .filter(Boolean)
      .join(' '),
  ].filter(Boolean);
}
