import type { Cost, Outcome } from '@/core/practice';
import { counted, type Formats } from '@/words';

/** Smaller than these a cost is nothing that anyone would see. */
const SEEN = { ph: 0.005, ecRel: 0.005, days: 0.5, ml: 1, minutes: 1 } as const;

const hundredths = (ph: number, formats: Formats) => `${formats.number(Math.abs(ph), 2)} pH`;
const percent = (share: number, formats: Formats) =>
  `${formats.number(100 * Math.abs(share), 1)} %`;

/** What one kind of mistake cost, part by part, in the units of the work; a single plain line where it cost nothing. */
export function costLines(
  cost: Cost,
  formats: Formats,
): { readonly lines: readonly string[]; readonly isNothing: boolean } {
  const { errorPh, errorEcRel, unknownPh, tankOffPh, wornDays, bufferMl, productMl, minutes } =
    cost;
  const lines = [
    errorPh >= SEEN.ph
      ? `Every reading near pH 6 is ${hundredths(errorPh, formats)} further off.`
      : '',
    errorEcRel >= SEEN.ecRel
      ? `Every EC reading is ${percent(errorEcRel, formats)} further off.`
      : '',
    unknownPh >= SEEN.ph
      ? `${hundredths(unknownPh, formats)} of the error in past readings is now unknown.`
      : '',
    tankOffPh >= SEEN.ph
      ? `The tank is ${hundredths(tankOffPh, formats)} further outside its band.`
      : '',
    wornDays >= SEEN.days
      ? `The probe lost ${counted(Math.round(wornDays), 'day')} of its life.`
      : '',
    bufferMl >= SEEN.ml ? `${Math.round(bufferMl)} mL of buffer more.` : '',
    productMl >= SEEN.ml ? `${Math.round(productMl)} mL of product more.` : '',
    minutes >= SEEN.minutes ? `${counted(Math.round(minutes), 'minute')} more.` : '',
  ].filter(Boolean);
  if (lines.length > 0) return { lines, isNothing: false };
  const by = hundredths(errorPh, formats);
  const nothing =
    errorPh <= -SEEN.ph
      ? `This time it cost nothing: by chance the pen ended ${by} nearer.`
      : 'This time it cost nothing that can be seen.';
  return { lines: [nothing], isNothing: true };
}

/** How a run ended, in a sentence for each thing that was at stake. */
export function outcomeLines(outcome: Outcome, formats: Formats): readonly string[] {
  const { errorPh, errorEcRel, wornDays, bufferMl, productMl, tankOffPh, minutes } = outcome;
  const side = (error: number) => (error > 0 ? 'high' : 'low');
  return [
    errorPh === undefined
      ? ''
      : Math.abs(errorPh) < SEEN.ph
        ? 'A day later the pen is right at pH 6, to the hundredth.'
        : `A day later the pen reads ${hundredths(errorPh, formats)} ${side(errorPh)} at pH 6.`,
    errorEcRel === undefined
      ? ''
      : Math.abs(errorEcRel) < SEEN.ecRel
        ? 'The EC side is right.'
        : `After the next cleaning EC reads ${percent(errorEcRel, formats)} ${side(errorEcRel)}.`,
    tankOffPh > 0 ? `The tank is ${hundredths(tankOffPh, formats)} outside its band.` : '',
    wornDays >= SEEN.days
      ? `The probe lost ${counted(Math.round(wornDays), 'day')} of its life.`
      : '',
    `${Math.round(bufferMl)} mL poured from bottles${productMl > 0 ? `, ${Math.round(productMl)} mL of product` : ''}, ${duration(minutes)}.`,
  ].filter(Boolean);
}

/** Minutes as people say them. */
function duration(minutes: number): string {
  if (minutes < 90) return counted(Math.max(1, Math.round(minutes)), 'minute');
  return counted(Math.round(minutes / 60), 'hour');
}
