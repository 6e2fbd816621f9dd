import { PEN_MODEL, errorSpread, penParts, type PenState } from '../drift';
import { answer, requireFinite, type Result } from '../result';
import { expandedUOf, isWiderThan, makeBudget, type Budget, type Spread } from '../uncertainty';
import { ecReader, type EcRefusal } from './readEc';
import type { Reader, ReadingInput } from './reader';
import { phReader } from './readPh';

/** How far what a pen showed may be taken. */
export type ReadingStanding =
  | PenState['standing']
  /** The pen's error is too unsure for any number. */
  | 'unknown'
  /** No water has such a value: pH 0 to 14, EC 0 to 200 mS/cm. */
  | 'impossible';

/** What a reading is worth, its budget not listed: for long histories. */
export interface QuickAssessed {
  /** Corrected; as shown where the pen cannot be trusted with a number. */
  readonly value: number;
  readonly spread: Spread;
  readonly expandedU: number;
  readonly standing: ReadingStanding;
}

/** What a reading is worth: the corrected value with its budget. */
export interface Assessed extends QuickAssessed {
  readonly budget: Budget;
  /** Shown − value, in the unit of the value. */
  readonly correction: number;
}

function standingOf(
  input: ReadingInput,
  { value, possible }: Reader,
  pen: Spread,
): ReadingStanding {
  const { state, quantity } = input;
  if (!(value >= possible.min && value <= possible.max)) return 'impossible';
  if (state.standing === 'broken') return 'broken';
  if (state.standing === 'unverified') return 'unverified';
  return isWiderThan(PEN_MODEL[quantity].unknownAbove, pen) ? 'unknown' : 'checked';
}

/** Whether a corrected number may be given. */
export const hasNumber = (standing: ReadingStanding) =>
  standing === 'checked' || standing === 'unverified';

const restOf = ({ own }: Reader) => own.reduce((sum, [, variance]) => sum + variance, 0);

/**
 * The value's spread: the pen's own error by one or two normals, everything else added to both. Where
 * what is supposed of the pen is not taken off, it counts as doubt too.
 */
function spreadOf({ stdU, jump }: Spread, reader: Reader): Spread {
  const rest = restOf(reader) + reader.notTakenOff ** 2;
  const { perError } = reader;
  const total = Math.sqrt(rest + (perError * stdU) ** 2);
  if (!jump) return { stdU: total };
  const jumped = Math.sqrt(rest + (perError * jump.stdU) ** 2);
  return { stdU: total, jump: { probability: jump.probability, stdU: jumped } };
}

function quick(input: ReadingInput, reader: Reader): QuickAssessed {
  const pen = errorSpread(input.state, reader.lever);
  const standing = standingOf(input, reader, pen);
  const spread = spreadOf(pen, reader);
  return {
    value: hasNumber(standing) ? reader.value : reader.asShown,
    spread,
    expandedU: expandedUOf(spread),
    standing,
  };
}

/** The reader of an input; refuses a conductivity that cannot be stated at 25 °C. */
function readerOf(input: ReadingInput): Result<Reader, EcRefusal> {
  return input.quantity === 'ph' ? answer(phReader(input)) : ecReader(input);
}

/** Value, spread and standing of a reading, its budget not listed. Refusals as for `assess`. */
export function assessQuick(input: ReadingInput): Result<QuickAssessed, EcRefusal> {
  requireFinite('shown', input.shown);
  const reader = readerOf(input);
  return reader.ok ? answer(quick(input, reader.value)) : reader;
}

/**
 * The true value behind a displayed one and how sure that is, for either quantity: corrected by what
 * is known of the pen at that moment. The budget lists what its bottles leave open (standards), what
 * its checks do (check), what grew since or between (drift, an unseen jump included), and the
 * reading's own parts. A pen never checked is taken as shown, as unsure as it comes from its maker.
 * Where the pen is broken or unknown, or no water has the value, `standing` says so and the value is
 * as shown.
 * @source docs/science.md, "The pen"; JCGM 100:2008 (GUM); Nernst: IUPAC Recommendations 2002, pH.
 */
export function assess(input: ReadingInput): Result<Assessed, EcRefusal> {
  requireFinite('shown', input.shown);
  const read = readerOf(input);
  if (!read.ok) return read;
  const reader = read.value;
  const assessed = quick(input, reader);
  const own = reader.own.map(([source, variance]) => ({ source, stdU: Math.sqrt(variance) }));
  const rest = restOf(reader);
  // Of two normals U is what is shown: the pen's share is what it leaves beside all other parts.
  const penVariance = Math.max(0, (assessed.expandedU / 2) ** 2 - rest);
  const { lever, perError } = reader;
  const pens = penParts(input.state, { lever, perError, penVariance });
  const budget = makeBudget([...own, ...pens]);
  return answer({ ...assessed, budget, correction: reader.asShown - assessed.value });
}
