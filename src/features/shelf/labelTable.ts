import { marked } from '@/features/parts/typedNumber';
import { z } from 'zod';
import type { TemperaturePoint } from '@/core/buffers';
import {
  celsiusFrom,
  ecMsPerCmFromDisplay,
  temperatureFromCelsius,
  type EcScale,
  type TempUnit,
} from '@/core/units';
import type { Lot } from '@/records/kinds';
import { parseDecimal, type Formats } from '@/words';
import { lotTroubleSays } from '@/words/shelf/lotTroubles';

/** One row of a label's table as typed. */
const typedRow = z.object({ temp: z.string(), value: z.string() });
export type TypedRow = z.infer<typeof typedRow>;

/** Most rows a label is taken to have. */
export const MOST_ROWS = 12;

/** The table of a label as the form holds it, in the temperature unit of the book. */
export const labelTableFields = {
  tempUnit: z.enum(['°C', '°F']),
  table: z.array(typedRow).max(MOST_ROWS),
};

/** Where rows begin: the temperatures most labels print, °C. */
const USUAL_TEMPS_C = [15, 20, 25, 30];

/** Cups are never outside this, °C; a temperature beyond it was mistyped. */
const TEMP_SPAN_C = { min: 0, max: 60 };

/** How far a value on the label may lie from the value printed large: pH, or a share for EC. */
const FARTHEST = { buffer: 0.6, ecStandard: 0.6 } as const;

interface RowIssue {
  readonly at: number;
  readonly field: 'temp' | 'value';
  readonly message: string;
}

interface ValuedLot {
  readonly kind: 'buffer' | 'ecStandard';
  readonly nominal: number | undefined;
  readonly tempUnit: TempUnit;
  /** Of the rows of an EC standard. */
  readonly ecScale: EcScale;
}

/**
 * Reads the typed rows: sorted by temperature, in °C; what is wrong stands with its row. Rows without
 * a value do not count; one row alone says nothing between temperatures.
 */
export function readLabelTable(
  rows: readonly TypedRow[],
  { kind, nominal, tempUnit, ecScale }: ValuedLot,
): { readonly table: readonly TemperaturePoint[]; readonly issues: readonly RowIssue[] } {
  const issues: RowIssue[] = [];
  const read = rows.flatMap((row, at): { at: number; tempC: number; value: number }[] => {
    if (row.value.trim() === '') return [];
    const temp = parseDecimal(row.temp);
    const value = parseDecimal(row.value);
    const tempC = temp.ok ? celsiusFrom(temp.value, tempUnit) : NaN;
    const wrong = (field: RowIssue['field'], message: string) => {
      issues.push({ at, field, message });
      return [];
    };
    if (!(tempC >= TEMP_SPAN_C.min && tempC <= TEMP_SPAN_C.max))
      return wrong('temp', lotTroubleSays.tempOnLabel(tempUnit));
    if (!value.ok || value.value <= 0) return wrong('value', lotTroubleSays.valueOnLabel);
    const printed = kind === 'buffer' ? value.value : ecMsPerCmFromDisplay(value.value, ecScale);
    const off =
      nominal === undefined ? 0 : kind === 'buffer' ? printed - nominal : printed / nominal - 1;
    if (Math.abs(off) > FARTHEST[kind]) return wrong('value', lotTroubleSays.tooFar);
    return [{ at, tempC, value: printed }];
  });
  const sorted = [...read].sort((a, b) => a.tempC - b.tempC);
  for (const [at, row] of sorted.entries())
    if (at > 0 && row.tempC === sorted[at - 1]?.tempC)
      issues.push({ at: row.at, field: 'temp', message: lotTroubleSays.twice });
  if (sorted.length === 1)
    issues.push({
      at: sorted[0]!.at,
      field: 'value',
      message: lotTroubleSays.oneRow,
    });
  return { table: sorted.map(({ tempC, value }) => ({ tempC, value })), issues };
}

/** The rows of a lot as the form shows them. */
export function tableRows(lot: Lot | undefined, formats: Formats): TypedRow[] {
  const mark = marked(formats, 4);
  return (lot?.labelTable ?? []).map(({ tempC, value }) => ({
    temp: mark(temperatureFromCelsius(tempC, formats.settings.tempUnit)),
    value: lot?.kind === 'ecStandard' ? formats.ecPlain(value) : mark(value),
  }));
}

/** Empty rows at the usual temperatures, to be filled from the label. */
export const usualRows = (formats: Formats): TypedRow[] =>
  USUAL_TEMPS_C.map((tempC) => ({
    temp: formats.number(temperatureFromCelsius(tempC, formats.settings.tempUnit), 0),
    value: '',
  }));
