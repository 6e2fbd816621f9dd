/** What parts the cells of a line. */
export const DELIMITERS = [',', ';', '\t', '|'] as const;
export type Delimiter = (typeof DELIMITERS)[number];

/** In which order a date names year, month and day. */
export const DAY_ORDERS = ['ymd', 'dmy', 'mdy'] as const;
export type DayOrder = (typeof DAY_ORDERS)[number];

/** How a table from another program is written. */
export interface TableShape {
  readonly delimiter: Delimiter;
  /** The line, counted from 0, that names the columns; -1 where none does. */
  readonly headAt: number;
  readonly mark: '.' | ',';
  readonly dayOrder: DayOrder;
}

/** A shape with what nobody could tell from the table alone. */
export interface GuessedShape {
  readonly shape: TableShape;
  /** Its dates fit another order as well: the grower must look. */
  readonly dayOrderUnsure: boolean;
}

/** The lines a guess looks at. */
export const LOOKED_AT = 400;
