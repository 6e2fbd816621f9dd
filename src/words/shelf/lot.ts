import { counted } from '../counted';
import type { Told } from '../told';

/** One lot, and what its label says. */
export const lotSays = {
  loadingTheLot: 'Loading the lot',
  allLots: 'All lots',
  notOnTheShelf: 'This lot is not on the Shelf.',
  change: 'Change',
  isEmpty: 'It is empty',
  openedToday: 'Opened today',
  number: (lotCode: string) => `Lot number ${lotCode}`,
  comesAs: (form: string) => `Comes as ${form}`,
  alsoEc: (ec: string) => `One bottle for pH and EC: ${ec} at 25 °C`,
  expires: (day: string) => `Printed date: ${day}`,
  opened: (day: string) => `Opened or mixed on ${day}`,
  sachetsLeft: (left: number) => `${counted(left, 'sachet')} left`,
  mlLeft: (left: string) => `${left} mL left`,
  usedIn: (checks: number) =>
    checks === 0 ? 'No check was poured from it yet' : `Poured for ${counted(checks, 'check')}`,
  checkOf: ({ code, side, day }: Told<'code' | 'side' | 'day'>) => `${code} ${side}, ${day}`,
  saveTheLot: 'Save the lot',
  addTheLot: 'Add the lot',
  aNewLot: 'A new lot',
  takeItOff: 'Take it off the Shelf',
  whatItsLabelSays: 'What its label says',
  usualTolerance: (usual: string) => `Empty: ${usual}, as most are.`,
  typeTheTable: 'Type the table of its label',
  tableRules:
    'Value against temperature. It rules over what Zolder knows; between rows goes a straight line, outside them nothing is known.',
  rowAt: (row: number) => `Row ${row}, at`,
  rowValue: (row: number) => `Row ${row}, value`,
  oneMoreRow: 'One more row',
  withoutATable: 'Without a table',
  valueByTemperature: 'Its value by temperature',
  atTemperature: 'At',
} as const;
