import { clock } from './when';

/** What has to be waited for before a tank's reading means something. */
export interface Waiting {
  readonly sentence: string;
  readonly advice: string;
}

/** What of a tank says whether something in it is still mixing, or waits for a second reading. */
interface Poured {
  readonly mixing?:
    | { readonly atMs?: number; readonly body: { readonly rereadAt?: string | undefined } }
    | undefined;
  /** Its newest reading. */
  readonly latest?: { readonly atMs: number } | undefined;
  readonly readAgainMs?: number | undefined;
}

/** What stands instead of a verdict while a dose mixes, or was read only once since. */
export function waitingOf(
  { mixing, latest, readAgainMs }: Poured,
  nowMs: number,
): Waiting | undefined {
  const mixedMs = Date.parse(mixing?.body.rereadAt ?? '');
  if (mixedMs > nowMs)
    return {
      sentence: `Mixing until ${clock(mixedMs)}.`,
      advice: 'Read it then; what it shows until then says little.',
    };
  // The number that stands there is from before the dose: no verdict of now.
  if (mixing?.atMs !== undefined && latest && latest.atMs <= mixing.atMs)
    return {
      sentence: 'Dosed since, and mixed.',
      advice: 'Read it again: this was before the dose.',
    };
  if (readAgainMs === undefined) return undefined;
  return {
    sentence:
      readAgainMs > nowMs ? `Read it again at ${clock(readAgainMs)}.` : 'Read it once more.',
    advice: 'Two readings that agree show that the dose has mixed; then the next one is planned.',
  };
}
