import { dialOf, type Cup, type DipPhase } from '@/core/procedure';
import type { Pen, PenDisplay, Press } from '@/records/kinds';
import { counted, type Formats } from '@/words';
import { cupName } from './cupWords';

/** The calibration button as this pen names it. */
const buttonName = ({ word }: Pick<Press, 'word'>): string =>
  word ? word : 'the calibration button';

/** "once", "3 times". */
const times = (count: number) => (count === 1 ? 'once' : `${count} times`);

const startsSentence = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** How the button is pressed for the cup at this place, from 0: choose, hold, as a full sentence. */
function buttonLine(press: Press, cupAt: number): string {
  const name = buttonName(press);
  const picks = press.picksBy?.[cupAt];
  const choose = picks ? `press ${name} shortly ${times(picks)} to choose this buffer, then ` : '';
  if (press.holdPastOff) {
    const about = press.holdSeconds > 0 ? `, for about ${press.holdSeconds} s,` : '';
    return `${choose}hold ${name} past OFF${about} until the calibration sign shows. Let go.`;
  }
  return press.holdSeconds > 0
    ? `${choose}hold ${name} for ${press.holdSeconds} s and let go.`
    : `${choose}press ${name}.`;
}

const BETWEEN = {
  staysOn: '',
  offLosesPoints: ' Leave the pen on: switched off now it would lose its points.',
  offAfterEach: ' Then switch the pen off; the point is stored.',
} as const;

const DIAL = { zero: 'zero dial', slope: 'slope dial', cell: 'dial' } as const;

/** The cup an adjustment is for, and its place among the cups, from 0. */
interface AdjustedCup {
  readonly cup: Cup;
  readonly at: number;
  readonly display?: PenDisplay | undefined;
  /** The value is taken down by itself: nobody has to type it. */
  readonly takenDown?: boolean | undefined;
}

/** Whether a point is begun on the pen before it is dipped. */
const pressedBefore = (press: Press) => press.by === 'button' && press.when === 'beforeDip';

/** How to adjust, from the pen's profile and the cup alone: which dial does not follow from the order. */
export function pressLine(
  phase: DipPhase,
  press: Press,
  target: string,
  { cup, at, display, takenDown }: AdjustedCup,
): string {
  if (phase === 'confirm') return 'Only read: this shows how the pen was left.';
  if (phase === 'asFound')
    return display?.measuresOnPress
      ? `Measure as usual. Leave ${buttonName(press)} alone, and do not clean the probe first.`
      : 'Only read. Press nothing, and do not clean the probe first.';
  const still = 'When the display is still, ';
  if (press.by === 'screw') return `${still}turn the screw until it shows ${target}.`;
  if (press.by === 'dials')
    return `${still}turn the ${DIAL[dialOf(cup)]} until it shows ${target}.`;
  const between = BETWEEN[press.between ?? 'staysOn'];
  if (press.by === 'steps')
    return `${still}step the value up or down until it shows ${target}. Then confirm.${between}`;
  if (press.by === 'none') return 'This side cannot be adjusted.';
  const confirm = press.confirmPress ? ` Press ${buttonName(press)} once more to confirm.` : '';
  const seen = takenDown
    ? ''
    : press.endsUnseen
      ? ' Type the value it took, or say that it ended before you saw it.'
      : ' Type the value it took.';
  const act = buttonLine(press, at);
  return pressedBefore(press)
    ? `${startsSentence(act)} Then dip and wait until the display is still.${confirm}${seen}${between}`
    : `${still}${act}${confirm}${seen}${between}`;
}

/** What to do in this dip, in the order of the hands. */
export function dipTitle(
  phase: DipPhase,
  cup: Cup,
  {
    press,
    display,
    formats,
  }: {
    readonly press?: Press | undefined;
    readonly display?: PenDisplay | undefined;
    readonly formats: Formats;
  },
): string {
  const name = cupName(cup, formats);
  const measure = display?.measuresOnPress ? ' Press to measure and wait for its sign.' : '';
  if (phase === 'confirm')
    return `Rinse, shake, dip in the ${name} once more, to confirm.${measure}`;
  if (phase === 'asLeft') {
    if (press && pressedBefore(press))
      return `Rinse, shake, press ${buttonName(press)}. Then dip in the ${name}.`;
    return `Rinse, shake, dip in the ${name}. Wait, then adjust.`;
  }
  if (cup.quantity === 'ec')
    return `Rinse, shake off every drop, dip in the ${name} over its holes. Tap off bubbles, stir, hold still.${measure}`;
  return `Rinse, shake, dip in the ${name}. Swirl, then hold still.${measure}`;
}

/** The setting of the pen that must match its cups; only a pen with a button may have one. */
function settingHint({ ph }: Pen, cups: number): string {
  if (!ph?.adjustable || ph.press.by !== 'button' || ph.twoModes) return '';
  if (ph.oneBottle) return 'If your pen has a one-bottle setting, choose that.';
  return `If your pen has a 1-, 2- or 3-point setting, set it to ${cups}.`;
}

/** What to know of this pen before the first of so many cups, from its profile alone. */
export function penHints(pen: Pen, quantity: 'ph' | 'ec', cups: number): readonly string[] {
  const { display, ph, ec } = pen;
  const { press } = (quantity === 'ph' ? ph : ec) ?? {};
  return [
    quantity === 'ph' ? settingHint(pen, cups) : '',
    press?.autoOffMinutes
      ? `It switches itself off after ${press.autoOffMinutes} min. A slow probe may need longer: keep it awake.`
      : '',
    press?.between === 'offLosesPoints' && press.by !== 'none'
      ? 'Do not switch it off between points: it would start again at the first.'
      : '',
    display?.sleeps ? 'It sleeps while you wait. Wake it, and do not read too soon after.' : '',
    display?.holds ? 'Look whether HOLD is on: a held number is not a measurement.' : '',
    display?.measuresOnPress ? 'It measures only after a press. Wait for its sign.' : '',
    display?.markDays
      ? `The “calibrated” sign on the pen only counts ${counted(display.markDays, 'day')}. It measures nothing.`
      : '',
    ph?.spearTip && quantity === 'ph'
      ? 'Spear tip: in a cup let it stand free of the wall; in soil make a pilot hole first.'
      : '',
    ph?.pureWater && quantity === 'ph'
      ? 'Its electrode is made for water with few minerals: rinse it well, and give it minutes to settle.'
      : '',
  ].filter(Boolean);
}
