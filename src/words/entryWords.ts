import type { EcEntryIssue, PhEntryIssue, TempEntryIssue } from '@/core/plausibility';
import type { EcScale } from '@/core/units';
import { EC_DECIMALS, SCALE_LABEL, type Formats } from './formats';
import type { ParsedNumber } from './parseDecimal';

/** A message at a field, with a value to take instead where one is likely. */
export interface FieldMessage {
  readonly text: string;
  readonly instead?: { readonly label: string; readonly typed: string } | undefined;
}

/** What to say when a text is no number. */
export function notANumber(parsed: ParsedNumber, what: string): FieldMessage | undefined {
  if (parsed.ok) return undefined;
  if (parsed.reason === 'empty') return { text: `Type the ${what}.` };
  return { text: `That is not a number. Type the ${what} with digits, comma or point.` };
}

/** What to say about a pH that no display shows. */
export function phMessage(issue: PhEntryIssue, formats: Formats): FieldMessage {
  if (issue.reason === 'outsideDisplay') {
    return { text: `pH runs from ${issue.min} to ${issue.max}. Look at the display again.` };
  }
  const typed = formats.number(
    issue.meantPh,
    issue.meantPh * 10 === Math.round(issue.meantPh * 10) ? 1 : 2,
  );
  return {
    text: 'No pH is that high. Was the point lost?',
    instead: { label: `Use ${typed}`, typed },
  };
}

/** What to say about a conductivity in the wrong scale. */
export function ecMessage(issue: EcEntryIssue, scale: EcScale, formats: Formats): FieldMessage {
  if (issue.reason === 'outsideDisplay') {
    return { text: `Between ${issue.min} and ${issue.max} ${SCALE_LABEL[scale]}, please.` };
  }
  const typed = formats.number(issue.meantShown, EC_DECIMALS[scale]);
  return {
    text: `No feed reads that in ${SCALE_LABEL[scale]}. It looks like ${SCALE_LABEL[issue.meantScale]}.`,
    instead: { label: `Use ${typed} ${SCALE_LABEL[scale]}`, typed },
  };
}

/** What to say about a temperature. Shown in °C: fields in °F never reach the °F case. */
export function tempMessage(issue: TempEntryIssue, formats: Formats): FieldMessage {
  if (issue.reason === 'outsideRange') {
    return {
      text: `A tank lies between ${formats.temp(issue.minC)} and ${formats.temp(issue.maxC)}.`,
    };
  }
  const typed = formats.number(issue.meantC, 1);
  return { text: 'That looks like °F.', instead: { label: `Use ${typed} °C`, typed } };
}
