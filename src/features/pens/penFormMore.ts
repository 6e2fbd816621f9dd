import type { Pen, PhSide, Press } from '@/records/kinds';
import type { PenFormIn, PenFormOut } from './penFormSchema';

const yesNo = (value: boolean | undefined) => (value ? ('yes' as const) : ('no' as const));

/** A choice as a record keeps it: said, or left out. */
export const flag = (value: 'yes' | 'no'): true | undefined => (value === 'yes' ? true : undefined);

/** The cups of each buffer family, in the usual order. */
export const FAMILY_CUPS = {
  technical: [7, 4.01, 10.01],
  'technical-7.01': [7.01, 4.01, 10.01],
  sachet: [6.86, 4, 9.18],
} as const satisfies Record<PhSide['family'], readonly number[]>;

/** Whether a side's cups are the usual ones of its family. */
const isUsual = ({ family, cupsPh }: PhSide) =>
  cupsPh.every((value, at) => value === FAMILY_CUPS[family][at]);

/** What keeps a tip wet where nobody said. */
const USUAL_WETTING = { by: 'sponge', firstSoakHours: 24 } as const;

/** What keeps the tip wet; left out where it was never said and is the usual. */
export function wettingOf(form: PenFormOut, base: PhSide): PhSide['wetting'] {
  const said = { by: form.phWetBy, firstSoakHours: form.phFirstSoak };
  const usual =
    said.by === USUAL_WETTING.by && said.firstSoakHours === USUAL_WETTING.firstSoakHours;
  return usual && !base.wetting ? undefined : said;
}

/** The fields beyond the usual ones, as the form opens. */
export function moreDefaults(pen: Pen, mark: (value: number) => string) {
  const { ph, ec, display, papers } = pen;
  const press = ph?.press ?? ec?.press;
  return {
    phStores: ph?.storesNominal ? 'nominal' : 'atTemperature',
    phCups: ph && !isUsual(ph) ? ph.cupsPh.map(mark).join(' ') : '',
    phWhen: ph?.press.when ?? 'afterDip',
    phHold: mark(ph?.press.holdSeconds ?? 3),
    phConfirm: yesNo(ph?.press.confirmPress),
    phPicks: (ph?.press.picksBy ?? []).join(' '),
    phBetween: ph?.press.between ?? 'staysOn',
    phPastOff: yesNo(ph?.press.holdPastOff),
    phUnseen: yesNo(ph?.press.endsUnseen),
    phOneBottle: yesNo(ph?.oneBottle),
    phSpear: yesNo(ph?.spearTip),
    phReplaceable: yesNo(ph?.replaceable),
    phWetBy: ph?.wetting?.by ?? 'sponge',
    phFirstSoak: mark(ph?.wetting?.firstSoakHours ?? 24),
    autoOff: press?.autoOffMinutes ? mark(press.autoOffMinutes) : '',
    errorTexts: (press?.errors ?? []).map(({ text, means }) => `${text}: ${means}`).join('\n'),
    displayHolds: yesNo(display?.holds),
    displayPress: yesNo(display?.measuresOnPress),
    displaySleeps: yesNo(display?.sleeps),
    markDays: display?.markDays ? mark(display.markDays) : '',
    usesAllowed: pen.usesAllowed ? mark(pen.usesAllowed) : '',
    lifeDays: pen.expectedLifeDays ? mark(pen.expectedLifeDays) : '',
    serial: papers?.serial ?? '',
    boughtOn: papers?.boughtOn ?? '',
    adjustedOn: papers?.adjustedOn ?? '',
    guaranteeUntil: papers?.guaranteeUntil ?? '',
    certificate: papers?.certificate ?? '',
    batteries: papers?.batteries ?? '',
    waterproof: yesNo(papers?.waterproof),
    ecHold: mark(ec?.press.holdSeconds ?? 3),
    note: pen.note,
  } as const satisfies Partial<PenFormIn>;
}

/** Cups typed in their own order: "7 4.01 10.01", comma or point; undefined when none can be read. */
export function typedCups(typed: string): number[] | undefined {
  const values = typed
    .trim()
    .split(/[;\s]+|,\s+/)
    .filter(Boolean)
    .map((part) => Number(part.replace(',', '.')));
  const good = values.length >= 1 && values.length <= 3 && values.every((v) => v >= 1 && v <= 13);
  return good ? values : undefined;
}

/** "Err1: pressed too early" in lines, as texts and what they mean. */
function errorsOf(typed: string): Press['errors'] {
  const errors = typed
    .split('\n')
    .map((line) => line.split(':'))
    .filter(([text]) => text?.trim())
    .slice(0, 8)
    .map(([text = '', ...means]) => ({ text: text.trim(), means: means.join(':').trim() }));
  return errors.length > 0 ? errors : undefined;
}

/** How the pH side takes a point. */
export function phPress(form: PenFormOut, base: Press): Press {
  const picks = form.phPicks.split(/[ ,]+/).filter(Boolean).map(Number).slice(0, 3);
  return {
    ...base,
    by: form.phAdjust,
    when: form.phWhen,
    holdSeconds: form.phHold,
    confirmPress: form.phConfirm === 'yes',
    autoOffMinutes: form.autoOff ?? null,
    picksBy: picks.length > 0 ? picks : undefined,
    between: form.phBetween === 'staysOn' ? undefined : form.phBetween,
    holdPastOff: flag(form.phPastOff),
    endsUnseen: flag(form.phUnseen),
    errors: errorsOf(form.errorTexts),
  };
}

/** What belongs to the whole pen: display, papers, life, note. */
export function moreOf(form: PenFormOut, base: Pen): Partial<Pen> {
  const display = {
    holds: flag(form.displayHolds),
    measuresOnPress: flag(form.displayPress),
    sleeps: flag(form.displaySleeps),
    markDays: form.markDays,
  };
  const papers = {
    serial: form.serial,
    boughtOn: form.boughtOn,
    adjustedOn: form.adjustedOn || undefined,
    guaranteeUntil: form.guaranteeUntil,
    certificate: form.certificate,
    batteries: form.batteries,
    waterproof: flag(form.waterproof),
  };
  const some = (part: object) =>
    Object.values(part).some((value) => value !== undefined && value !== '');
  return {
    display: some(display) ? display : undefined,
    papers: some(papers) ? papers : base.papers,
    usesAllowed: form.usesAllowed,
    expectedLifeDays: form.lifeDays,
    note: form.note,
  };
}
