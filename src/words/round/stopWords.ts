import type { CareStop, DayAhead, RoundStop, StageNews, StopAbout } from '@/book/answers';
import type { SkipReason } from '@/records/kinds';
import { counted, dueReason, PEN_WORD, shortDay, type Formats } from '@/words';
import { liquidName } from '@/words/shelf/lotWords';
import { listed } from './headline';
import { QUANTITY_NAME } from '../quantityName';
import { cropTitle } from '@/records/crops/cropTitle';

/** Why a stop is passed by, as it is chosen. */
export const SKIP_WORD: Readonly<Record<SkipReason, string>> = {
  noTime: 'no time today',
  nothingAtHand: 'buffer or product is missing',
  notHere: 'the pen or tank is not here',
  onPurpose: 'it is left so on purpose',
  doneByOther: 'somebody else has done it',
};

type StopOf<Kind extends RoundStop['kind']> = Extract<RoundStop, { readonly kind: Kind }>;

/** "pH is high, EC is low. Correct it."; where no tank stands, it is the feed that is corrected. */
export function correctLine({ off, tank }: StopOf<'correct'>): string {
  const what = off.map(({ quantity, side }) => `${QUANTITY_NAME[quantity]} is ${side}`).join(', ');
  return `${what}. ${tank.body.readOf ? 'Correct the feed that waters it.' : 'Correct it.'}`;
}

const CARE_DUE: Readonly<Record<StopOf<'care'>['what'][number], string>> = {
  cleanPh: 'clean the pH probe',
  cleanEc: 'clean the EC face',
  soak: 'soak the pH probe',
  cap: 'put storage solution into its cap',
  battery: 'put a new battery in',
};

/** Care that moves a reading comes after the check as found. */
const MOVES: readonly CareStop[] = ['cleanPh', 'cleanEc', 'soak', 'battery'];

/** What care is due and since when. */
export function careLine({ what, dueMs }: StopOf<'care'>, dayMs: number): string {
  const list = listed(what.map((each) => CARE_DUE[each]));
  const order = what.some((each) => MOVES.includes(each)) ? ', after its check as found' : '';
  const since = dueMs < dayMs ? ` Due since ${shortDay(dueMs)}.` : '';
  return `${list[0]!.toUpperCase()}${list.slice(1)}${order}.${since}`;
}

/** Why the book is to be copied. */
export function copyLine({ days }: StopOf<'copy'>): string {
  return days === undefined
    ? 'No copy of this book was ever saved. If this device is lost, so is the book.'
    : `The last copy of this book was saved ${counted(days, 'day')} ago.`;
}

/** A liquid that ends before the checks of the week are made. */
export function supplyLine({ liquid, portionsLeft, portionsNeeded }: StopOf<'supply'>): string {
  if (liquid.kind === 'storage') return 'Storage solution is low: buy some.';
  return `${counted(portionsLeft, 'portion')} left, ${portionsNeeded} needed this week: buy some.`;
}

/** The name of a liquid that is short. */
export const supplyName = ({ liquid }: StopOf<'supply'>, formats: Formats): string =>
  liquid.kind === 'storage' || liquid.kind === 'cleaner' || liquid.nominal === undefined
    ? 'Storage solution'
    : liquidName({ kind: liquid.kind, nominal: liquid.nominal }, formats);

/** Why a pen is to be checked: its state, how late it is, or the event that forces it. */
export function penReason({ pen, overdueDays }: StopOf<'pen'>): string {
  const reason = pen.sides.map(({ due }) => dueReason(due)).find((text) => text !== undefined);
  const late = overdueDays > 0 ? `, ${counted(overdueDays, 'day')} overdue` : '';
  if (reason && pen.word === 'checkDue') return reason;
  return `${PEN_WORD[pen.word]}${late}`;
}

/** That a tank was not read when it should have been; nothing where it was. */
export const missedLine = (missedDays: number): string =>
  missedDays === 0
    ? ''
    : missedDays === 1
      ? 'It was not read yesterday.'
      : `It was not read for ${counted(missedDays, 'day')}.`;

/** Why it was passed by the last time. */
export const skippedBeforeLine = (why: SkipReason): string =>
  `Passed by before: ${SKIP_WORD[why]}.`;

/** A day to come and what falls due on it. */
export function aheadLine(
  { dayMs, checks, care, lots, stages }: DayAhead,
  formats: Formats,
): string {
  const parts = [
    checks.length > 0 ? `check ${listed(checks)}` : '',
    care.length > 0 ? `care for ${listed(care)}` : '',
    ...lots.map(({ body }) => `${liquidName(body, formats)} is past its date`),
    ...stages.map(({ tankName, stage }) => `${tankName} goes on to ${stageName(stage)}`),
  ].filter(Boolean);
  return `${shortDay(dayMs)}: ${parts.join(', ')}.`;
}

/** What a stage of a plan is called. */
const stageName = (stage: StageNews['stage']): string => cropTitle(stage) || 'its next stage';

/** That a tank's bands change tomorrow, or changed this morning, with the bands that hold then. */
export function stageLine(
  { tankName, stage }: StageNews,
  when: 'today' | 'tomorrow',
  formats: Formats,
): string {
  const { phBand, ecBand } = stage;
  const ph = `${formats.number(phBand.low, 2)} to ${formats.number(phBand.high, 2)} pH`;
  const ec = `${formats.ec(ecBand.low)} to ${formats.ec(ecBand.high)} ${formats.ecUnit}`;
  const begins = when === 'today' ? 'From today' : 'From tomorrow';
  return `${begins} ${tankName} is in ${stageName(stage)}: ${ph}, ${ec}.`;
}

/** What a stop is called where it was passed by. */
export function stopName(stop: StopAbout, formats: Formats): string {
  switch (stop.kind) {
    case 'tank':
    case 'reread':
    case 'correct':
      return stop.tank.body.name;
    case 'pen':
    case 'soak':
    case 'care':
      return stop.pen.body.code;
    case 'lot':
      return liquidName(stop.lot.body, formats);
    case 'supply':
      return supplyName({ ...stop, key: '', done: false }, formats);
    case 'copy':
      return 'the copy of the book';
  }
}
