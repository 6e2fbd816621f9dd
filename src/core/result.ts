/**
 * What a calculation answers: a value, or a closed reason for refusing with the numbers behind it.
 * A programmer's mistake (an argument that can never be right) throws `RangeError` instead.
 */
export type Result<Value, Refusal> =
  { readonly ok: true; readonly value: Value } | { readonly ok: false; readonly refusal: Refusal };

/** A refusal because a number lies outside the range where the method holds. */
export interface OutOfRange {
  readonly reason: 'outOfRange';
  readonly quantity: string;
  readonly value: number;
  readonly min: number;
  readonly max: number;
}

/** Wraps a value as an answer. */
export function answer<Value>(value: Value): { readonly ok: true; readonly value: Value } {
  return { ok: true, value };
}

/** Wraps a refusal. */
export function refuse<Refusal>(refusal: Refusal): {
  readonly ok: false;
  readonly refusal: Refusal;
} {
  return { ok: false, refusal };
}

/** Throws `RangeError` unless the number is finite: NaN and infinities never enter or leave. */
export function requireFinite(quantity: string, value: number): number {
  if (!Number.isFinite(value)) throw new RangeError(`${quantity} must be finite, got ${value}`);
  return value;
}

/** The refusal for a value outside [min, max], or undefined when it lies inside. */
export function outside(
  quantity: string,
  value: number,
  limits: { readonly min: number; readonly max: number },
): OutOfRange | undefined {
  requireFinite(quantity, value);
  if (value >= limits.min && value <= limits.max) return undefined;
  return { reason: 'outOfRange', quantity, value, min: limits.min, max: limits.max };
}
