import { SCALE_LABEL, type Formats } from '../formats';
import { writeMoment } from '../moments';

/** What the fields of records are called where two versions of one stand side by side. */
const FIELD_WORD: Readonly<Record<string, string>> = {
  acidMmol: 'Acid',
  afterCleaning: 'Cleaned before',
  against: 'Compared with',
  aimPh: 'Aim',
  alkalinityMmolPerL: 'Alkalinity',
  alphaPerC: 'Temperature coefficient',
  alsoMsPerCm: 'Conductivity printed too',
  at: 'When',
  basis: 'Known by',
  boughtAt: 'Bought',
  calciumMmolPerL: 'Calcium',
  certificate: 'Certificate',
  checkPolicy: 'When it is checked',
  cleaningPolicy: 'When it is cleaned',
  code: 'Code',
  columns: 'Columns',
  connector: 'Connector',
  count: 'Entries',
  crop: 'Crop',
  decimalMark: 'Decimal mark',
  dilutedParts: 'Diluted',
  dilution: 'Dilution',
  display: 'Display',
  doseG: 'Dose by mass',
  doseMl: 'Dose',
  doubled: 'In the book before',
  dropMl: 'Drop',
  ec: 'EC',
  ecBand: 'EC band',
  ecBeforeMsPerCm: 'EC before',
  ecMsPerCm: 'EC',
  ecScale: 'EC scale',
  events: 'What was read',
  excluded: 'Not learned from',
  expectedLifeDays: 'Expected life of the probe',
  expiresAt: 'Expires',
  file: 'File',
  finishedAt: 'Finished',
  fittedAt: 'Fitted',
  form: 'Form',
  from: 'From',
  fullL: 'Volume when full',
  gone: 'No longer there',
  group: 'Who may use it',
  guaranteeUntil: 'Guarantee until',
  heads: 'Names of columns',
  initials: 'Initials',
  junction: 'Junction',
  keepYears: 'Kept at least, years',
  keptBy: 'Looked after by',
  kind: 'Liquid',
  kinds: 'Kinds of entries',
  lab: 'Laboratory’s value',
  labelAlphaPerC: 'Coefficient on the label',
  labelTable: 'Table on the label',
  learnFrom: 'Learned from',
  left: 'Left, mL or pieces',
  leftAt: 'Left on',
  lotCode: 'Lot number',
  lotId: 'Lot',
  magnesiumMmolPerL: 'Magnesium',
  modelChangePh: 'Change by the chemistry',
  name: 'Name',
  nominal: 'Printed value, pH or mS/cm',
  nominalPh: 'Printed value',
  note: 'Note',
  openLifeDays: 'Good for, once open',
  openedAt: 'Opened',
  outcome: 'Verdict',
  papers: 'Papers',
  pastDateLots: 'Lots past their date',
  penId: 'Pen',
  pens: 'Pens',
  ph: 'pH',
  phBand: 'pH band',
  place: 'Place in the Round',
  places: 'Places',
  plan: 'Plan',
  points: 'Steps',
  predictedEcMsPerCm: 'EC promised',
  predictedPh: 'pH promised',
  productId: 'Product',
  productName: 'Product',
  pumpLPerMin: 'Pump',
  readEveryDays: 'Read every so many days',
  readOf: 'Read by',
  readOrder: 'Order of the fields',
  readingId: 'Reading it was made on',
  reagent: 'Made of',
  recipe: 'Recipe',
  rejected: 'Not taken in',
  rereadAt: 'Read again at',
  retired: 'Out of use',
  rinseWater: 'Rinsed with',
  sample: 'Read in',
  sampleBands: 'Bands of samples',
  sampleKind: 'Read in',
  sampleL: 'Sample',
  serial: 'Number',
  shape: 'How it is written',
  shown: 'Shown',
  side: 'Side',
  stage: 'Stage',
  startedAt: 'Begun',
  stockGainMsPerCm: 'EC by 1 mL/L of stock',
  stop: 'Stop',
  strength: 'Strength',
  subject: 'Told of',
  taken: 'Taken in',
  takenAt: 'Taken',
  tankId: 'Tank',
  tankVolumeL: 'Volume of the tank',
  tempC: 'Temperature',
  tempUnit: 'Temperatures in',
  tolerance: 'Tolerance of the buffer',
  tolerancePolicy: 'Tolerance',
  tookWhatFits: 'Took what fits',
  until: 'Until',
  usesAllowed: 'Readings between checks',
  volumeL: 'Volume',
  volumeUnit: 'Volumes in',
  waterL: 'Water',
  waters: 'Waters',
  what: 'What',
  why: 'Why',
};

/** A field as people call it; undefined for one that has no word. */
export const fieldWord = (field: string): string | undefined => FIELD_WORD[field];

/** How a number is written, by the end of its field's name. */
const BY_END: readonly (readonly [
  end: string,
  write: (value: number, formats: Formats) => string,
])[] = [
  ['MsPerCm', (value, formats) => `${formats.ec(value)} ${formats.ecUnit}`],
  ['MmolPerL', (value, formats) => `${formats.number(value, 2)} mmol/L`],
  ['LPerMin', (value, formats) => `${formats.number(value, 1)} L/min`],
  ['PerC', (value, formats) => `${formats.number(100 * value, 2)} %/°C`],
  ['Days', (value) => `${value} d`],
  ['Mmol', (value, formats) => `${formats.number(value, 1)} mmol`],
  ['Ml', (value, formats) => formats.doseMl(value)],
  ['doseG', (value, formats) => `${formats.number(value, 2)} g`],
  ['Ph', (value) => `${value} pH`],
  ['tempC', (value, formats) => formats.temp(value)],
  ['L', (value, formats) => formats.volume(value)],
];

const ISO = /^\d{4}-\d{2}-\d{2}T/;

function writeNumber(field: string, value: number, formats: Formats): string {
  const how = BY_END.find(([end]) => field.endsWith(end));
  return how ? how[1](value, formats) : String(value);
}

interface Known {
  readonly low?: number;
  readonly high?: number;
  readonly shown?: number;
  readonly scale?: keyof typeof SCALE_LABEL;
}

function writeObject(field: string, value: Known, formats: Formats): string {
  const { low, high, shown, scale } = value;
  if (low !== undefined && high !== undefined)
    return field === 'ecBand'
      ? `${formats.ec(low)} to ${formats.ec(high)} ${formats.ecUnit}`
      : `${low} to ${high} pH`;
  if (shown !== undefined) return scale ? `${shown} ${SCALE_LABEL[scale]}` : String(shown);
  return 'filled in otherwise';
}

/** What stands in a field, with its unit, as a person reads it. `names`: what records are called, by id. */
export function fieldValue(
  field: string,
  value: unknown,
  {
    names,
    formats,
  }: { readonly names: Readonly<Record<string, string>>; readonly formats: Formats },
): string {
  if (value === undefined || value === null || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') return writeNumber(field, value, formats);
  if (typeof value === 'object') return writeObject(field, value as Known, formats);
  const text = String(value as string);
  return ISO.test(text) ? writeMoment(Date.parse(text)) : (names[text] ?? text);
}
