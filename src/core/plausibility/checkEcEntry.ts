import { requireFinite } from '../result';
import { EC_SCALES, displayFromEcMsPerCm, ecMsPerCmFromDisplay, type EcScale } from '../units';
import {
  EC_RANGE_MS_PER_CM,
  FEED_EC_LIKELY_MAX_MS_PER_CM,
  FEED_EC_LIKELY_MIN_MS_PER_CM,
} from './constants';

/** What is wrong with a typed conductivity. */
export type EcEntryIssue =
  | { readonly reason: 'wrongScale'; readonly meantScale: EcScale; readonly meantShown: number }
  | { readonly reason: 'outsideDisplay'; readonly min: number; readonly max: number };

/** Where a display value is believable for a feed, mS/cm. */
const likely = (ec: number) =>
  ec >= FEED_EC_LIKELY_MIN_MS_PER_CM && ec <= FEED_EC_LIKELY_MAX_MS_PER_CM;

/**
 * Checks a typed conductivity of a feed on `scale`. A value no feed has, which would be ordinary on
 * another scale (1460 in a mS/cm field), is offered converted. `likelyFeed` off (stock solutions,
 * standards) only bounds it at 0–50 mS/cm. Undefined when nothing is wrong.
 */
export function checkEcEntry(
  shown: number,
  scale: EcScale,
  { likelyFeed = true }: { readonly likelyFeed?: boolean } = {},
): EcEntryIssue | undefined {
  const ecMsPerCm = ecMsPerCmFromDisplay(requireFinite('shown', shown), scale);
  const { min, max } = EC_RANGE_MS_PER_CM;
  const possible = ecMsPerCm >= min && ecMsPerCm <= max;
  if (possible && (!likelyFeed || ecMsPerCm === 0 || likely(ecMsPerCm))) return undefined;
  const order: readonly EcScale[] = ['µS/cm', 'mS/cm', ...EC_SCALES];
  const other = order.find((s) => s !== scale && likely(ecMsPerCmFromDisplay(shown, s)));
  if (other && likelyFeed) {
    const meantShown = displayFromEcMsPerCm(ecMsPerCmFromDisplay(shown, other), scale);
    return { reason: 'wrongScale', meantScale: other, meantShown };
  }
  if (possible) return undefined;
  return {
    reason: 'outsideDisplay',
    min: displayFromEcMsPerCm(min, scale),
    max: displayFromEcMsPerCm(max, scale),
  };
}
