import type { PenAnswer } from '@/book/answers';
import { recogniseBuffer, type BufferFamily } from '@/core/buffers';
import { isDoubtfulDip } from '@/core/drift';
import { checkPhEntry } from '@/core/plausibility';
import {
  dipIn,
  dipReading,
  doubtDip,
  type BenchEvent,
  type BenchPlan,
  type Cup,
  type DipDoubt,
  type DipPhase,
} from '@/core/procedure';
import {
  notANumber,
  parseDecimal,
  phMessage,
  SCALE_LABEL,
  type FieldMessage,
  type Formats,
} from '@/words';
import { shownUnit } from './benchWords';
import { cupLiquid, cupName } from './cupWords';

/** Which buffer a pen of this family would take such a value for. */
function takenFor(shownPh: number, family: BufferFamily | undefined, formats: Formats): string {
  if (!family) return '';
  const found = recogniseBuffer(shownPh, family);
  const value = (member: { readonly nominalPh: number }) => formats.number(member.nominalPh, 2);
  if (found.kind === 'recognised')
    return `This value is nearest the ${value(found.member)} buffer. `;
  if (found.kind === 'ambiguous')
    return `This value lies between the ${found.candidates.map(value).join(' and the ')}. `;
  return 'This value is near none of the buffers this pen knows. ';
}

/** A value typed at a cup, with what is known round it. */
interface TypedDip {
  readonly plan: BenchPlan;
  readonly cup: Cup;
  readonly typed: string;
  readonly phase: DipPhase;
  /** What was seen in this sitting before. */
  readonly events: readonly BenchEvent[];
  readonly attempt: number;
  readonly pen?: PenAnswer | undefined;
}

/** A message at a cup: how to insist, and which earlier cup to dip again. */
export type DipMessage = FieldMessage & {
  readonly sure?: string;
  readonly again?: { readonly cup: Cup; readonly label: string };
};

/** A doubt about a value in a sentence, with its ways on. */
function doubtMessage(
  doubt: DipDoubt,
  { plan, cup, typed }: TypedDip,
  { formats, family }: { readonly formats: Formats; readonly family: BufferFamily | undefined },
): DipMessage {
  const again = (cup: Cup) => ({ cup, label: `Dip the ${cupName(cup, formats)} again` });
  switch (doubt.reason) {
    case 'otherCup':
      return {
        text: `Is this the ${cupName(doubt.cup, formats)}? The value is nearer to ${cupName(doubt.cup, formats)} than to ${cupName(cup, formats)}.`,
        sure: 'Right cup: the pen is that far off',
      };
    case 'swapped':
      return {
        text: `This cup shows about ${cupName(doubt.cup, formats)}, and the ${cupName(doubt.cup, formats)} showed about ${cupName(cup, formats)}. Were the two cups swapped?`,
        sure: 'Not swapped: the pen shows that',
        again: again(doubt.cup),
      };
    case 'sameInBoth':
      return {
        text: `The pen shows nearly the same as in the ${cupName(doubt.cup, formats)}. Is it the same cup, or is HOLD on? If neither, the glass is cracked or a wire is torn: look at the probe.`,
        sure: 'Right cup: the pen shows that',
        again: again(doubt.cup),
      };
    case 'takenForOther': {
      const other = formats.number(doubt.nominalPh, 2);
      return {
        text: `The pen took this cup for the ${other}. Tell the pen which buffers you have, or choose the ${cupName(cup, formats)} on it; then adjust this point again.`,
        sure: `The pen took ${typed.trim()}: go on`,
        again: { cup, label: 'Adjust this point again' },
      };
    }
    case 'endOfScale':
      return {
        text: 'The display stands at the end of its scale: the probe has no contact. Is the cap off, the battery good, the probe wet and plugged in?',
        sure: 'The pen really shows that',
      };
    case 'otherScale': {
      const shown = formats.shown(doubt.shown, plan.resolution);
      return {
        text: `That looks like ${SCALE_LABEL[doubt.scale]}.`,
        instead: { label: `Use ${shown} ${shownUnit(plan)}`, typed: shown },
      };
    }
    case 'farOff': {
      const parsed = parseDecimal(typed);
      const taken = parsed.ok ? takenFor(parsed.value, family, formats) : '';
      return {
        text: `That is very far from what ${cupLiquid(cup, formats)} shows. ${taken}Look at the cup and the display again.`,
        sure: 'The pen really shows that',
      };
    }
  }
}

/** Asked once where a value lies further from what this pen did so far than it should. */
function unexpectedMessage(
  { plan, cup, phase, attempt, pen, events }: TypedDip,
  shown: number,
): DipMessage | undefined {
  const side = pen?.sides.find(({ quantity }) => quantity === plan.quantity);
  if (!side || phase !== 'asFound' || attempt > 1) return undefined;
  const hasAtc = plan.quantity === 'ec' || pen?.body.ph?.hasAtc !== false;
  const isDoubtful = (at: Cup, value: number) => {
    const dip = dipIn({ plan, hasAtc }, at, { shown: value });
    return dip.ok && isDoubtfulDip(side.state, dip.value, side.repeatStdU);
  };
  // Asked once in a sitting: a pen that is off in one cup is off in the next.
  const before = plan.cups.some((other) => {
    const { reading } = dipReading(events, 'asFound', other.id);
    return other.id !== cup.id && reading && isDoubtful(other, reading.shown);
  });
  if (before || !isDoubtful(cup, shown)) return undefined;
  return {
    text: 'This is further off than this pen has ever drifted. Either the pen jumped, or the cup is dirty. Rinse, pour a fresh portion and dip again. Then type what the pen shows.',
    sure: 'The pen shows that',
  };
}

/** What is wrong with a value typed at a cup, or why it is asked about once. */
export function dipMessage(dip: TypedDip, formats: Formats): DipMessage | undefined {
  const { plan, cup, typed, phase, events, pen } = dip;
  const parsed = parseDecimal(typed);
  if (!parsed.ok) return notANumber(parsed, 'value the pen shows');
  const issue = plan.quantity === 'ph' ? checkPhEntry(parsed.value) : undefined;
  if (issue) return phMessage(issue, formats);
  if (plan.quantity === 'ec' && parsed.value <= 0)
    return { text: 'Type a value above 0. Is the probe in the cup?' };
  const family = plan.quantity === 'ph' ? pen?.body.ph?.family : undefined;
  const doubt = doubtDip(plan, cup, parsed.value, { events, phase });
  return doubt
    ? doubtMessage(doubt, dip, { formats, family })
    : unexpectedMessage(dip, parsed.value);
}
