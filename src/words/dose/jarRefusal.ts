import type { EarlyRefusal, JarPlanRefusal, JarResult } from '@/core/dosing';
import { counted, type Formats } from '@/words';
import { refusalWords } from './doseWords';

/** Why the test tells no dose yet, and the way on. */
export function jarRefusalWords(
  refusal: JarPlanRefusal,
  formats: Formats,
): { readonly what: string; readonly wayOn: string } {
  switch (refusal.reason) {
    case 'tooFewPoints':
      return {
        what: `${refusal.count} of at least ${counted(refusal.needed, 'reading')}.`,
        wayOn: 'The first is the sample as it is, with no drops.',
      };
    case 'noStart':
      return {
        what: 'The sample as it was is missing.',
        wayOn: 'One row has 0 drops: the pH before the first.',
      };
    case 'aimNotReached':
      return {
        what: `${formats.number(refusal.reachedPh, 2)} so far.`,
        wayOn: `Go on until it passes ${formats.number(refusal.aimPh, 1)}.`,
      };
    case 'badSetup':
      return {
        what: 'The set-up is not complete.',
        wayOn: 'Sample, dilution and 5 to 100 drops in a mL.',
      };
    case 'sampleTooOld':
      return refusal.dosedSince
        ? {
            what: 'The tank was dosed since, or was still mixing then.',
            wayOn: 'This sample no longer stands for it: take a new one.',
          }
        : {
            what: 'This sample has stood for over two hours.',
            wayOn: 'It has aired; the tank has changed. Take a new one.',
          };
    case 'stepsTooLarge':
      return {
        what: 'The first drops moved it further than one step may.',
        wayOn: 'Begin again with a new sample and fewer drops at a time, or dilute further.',
      };
    default:
      return refusalWords(refusal satisfies EarlyRefusal, formats);
  }
}

/** What to be careful about with this test. */
export const JAR_WARNING = {
  smallSample: 'Under half a litre one drop is a large step: a litre tells more.',
  largeScale: 'The tank is over a thousand times the sample: every drop counts so often.',
  notMonotone: 'Some readings went the wrong way; they were averaged with their neighbours.',
} as const satisfies Record<JarResult['warnings'][number], string>;

/** Said where the test's own readings keep the first step small. */
export const JAR_STEP_WORDS =
  'Kept to less than one pH, by the reading after it: fewer drops between readings allow more.';
