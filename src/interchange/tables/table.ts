/** What a column holds. A moment is ISO 8601 with its offset, a day year-month-day. */
type FieldType = 'string' | 'number' | 'integer' | 'boolean' | 'datetime' | 'date';

/** A column of a table that leaves the book. */
export interface Field {
  /** Small letters, digits and underscores; its unit at the end where it has one. */
  readonly name: string;
  readonly title: string;
  readonly unit?: string;
  readonly type: FieldType;
}

/** One value; null where there is none. */
export type Cell = string | number | boolean | null;

/** Records of one kind, one value a column. */
export interface Table {
  readonly name: string;
  readonly title: string;
  readonly fields: readonly Field[];
  readonly rows: readonly (readonly Cell[])[];
}
