import type { PenAnswer, ReadingRow } from '@/book/answers';
import type { AlphaPair } from '@/core/conductivity';
import { celsiusFrom, DAY_MS, ecMsPerCmFromDisplay, type EcScale } from '@/core/units';
import { parseDecimal, type Formats } from '@/words';

/** The rows that hold both numbers, as the fit takes them. */
export function alphaPairs(
  rows: readonly { readonly temp: string; readonly ec: string }[],
  formats: Formats,
): readonly AlphaPair[] {
  return rows.flatMap(({ temp, ec }) => {
    const [t, kappa] = [parseDecimal(temp), parseDecimal(ec)];
    if (!t.ok || !kappa.ok || kappa.value <= 0) return [];
    const tempC = celsiusFrom(t.value, formats.settings.tempUnit);
    return [{ tempC, ecMsPerCm: formats.ecFromTyped(kappa.value) }];
  });
}

/** Readings further apart than this are no longer of the same feed, ms. */
const SAME_FEED_MS = 2 * DAY_MS;
const MOST = 5;

/**
 * A tank's own newest readings by pens without compensation, as pairs: the same feed as long as they
 * lie within two days. Empty where fewer than two can be used.
 */
export function ownPairs(
  readings: readonly ReadingRow[],
  pens: readonly PenAnswer[],
): readonly AlphaPair[] {
  const plain = new Set(
    pens
      .filter(({ body }) => body.ec && body.ec.compensation === null)
      .map(({ body }) => body.code),
  );
  const usable = readings.filter(
    ({ ec, tempC }) => ec !== undefined && tempC !== undefined && plain.has(ec.penCode),
  );
  const newestMs = Math.max(...usable.map(({ atMs }) => atMs));
  const pairs = usable
    .filter(({ atMs }) => newestMs - atMs <= SAME_FEED_MS)
    .slice(0, MOST)
    .map(({ ec, tempC }) => ({
      tempC: tempC!,
      ecMsPerCm: ecMsPerCmFromDisplay(ec!.shown, ec!.scale as EcScale),
    }));
  return pairs.length < 2 ? [] : pairs;
}
