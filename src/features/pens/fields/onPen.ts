import { fieldOf } from '@/features/parts/fields/field';
import type { EcSide, Papers, Pen, PenDisplay, PhSide, Press, Wetting } from '@/records/kinds';

/** A described field of the pen form. */
export const penField = fieldOf<Pen>();

/** The pen with something of its pH side changed; a pen without that side stays as it is. */
export const onPh = (pen: Pen, patch: Partial<PhSide>): Pen =>
  pen.ph ? { ...pen, ph: { ...pen.ph, ...patch } } : pen;

/** A pen whose pH side is calibrated otherwise; unchanged where it has none. */
export const onPhPress = (pen: Pen, patch: Partial<Press>): Pen =>
  pen.ph ? onPh(pen, { press: { ...pen.ph.press, ...patch } }) : pen;

/** The pen with something of its EC side changed; a pen without that side stays as it is. */
export const onEc = (pen: Pen, patch: Partial<EcSide>): Pen =>
  pen.ec ? { ...pen, ec: { ...pen.ec, ...patch } } : pen;

/** A pen whose EC side is calibrated otherwise; unchanged where it has none. */
export const onEcPress = (pen: Pen, patch: Partial<Press>): Pen =>
  pen.ec ? onEc(pen, { press: { ...pen.ec.press, ...patch } }) : pen;

const saysSomething = (part: object): boolean =>
  Object.values(part).some((value) => value !== undefined && value !== '');

/** What its display does; left out of the record while nobody said anything of it. */
export function onDisplay(pen: Pen, patch: Partial<PenDisplay>): Pen {
  const display = { ...pen.display, ...patch };
  return saysSomething(display) || pen.display ? { ...pen, display } : pen;
}

const NO_PAPERS: Papers = {
  serial: '',
  boughtOn: '',
  guaranteeUntil: '',
  certificate: '',
  batteries: '',
};

/** Its papers; left out of the record while nobody said anything of them. */
export function onPapers(pen: Pen, patch: Partial<Papers>): Pen {
  const papers = { ...NO_PAPERS, ...pen.papers, ...patch };
  return saysSomething(papers) || pen.papers ? { ...pen, papers } : pen;
}

/** What keeps a tip wet where nobody said. */
export const USUAL_WETTING: Wetting = { by: 'sponge', firstSoakHours: 24 };

/** What keeps its tip wet; left out where it was never said and is the usual. */
export function onWetting(pen: Pen, patch: Partial<Wetting>): Pen {
  const said = pen.ph?.wetting;
  const wetting = { ...USUAL_WETTING, ...said, ...patch };
  const usual =
    wetting.by === USUAL_WETTING.by && wetting.firstSoakHours === USUAL_WETTING.firstSoakHours;
  return usual && !said ? pen : onPh(pen, { wetting });
}

/** A mark as a record keeps it: said, or left out. */
export const flag = (said: boolean): true | undefined => (said ? true : undefined);
