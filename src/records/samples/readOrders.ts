/** In which order pH, EC and temperature of a tank are read. */
export const READ_ORDERS = ['phEcTemp', 'ecPhTemp', 'tempPhEc', 'tempEcPh'] as const;

export type ReadOrder = (typeof READ_ORDERS)[number];

/** A number that is read of a tank. */
export type ReadField = 'ph' | 'ec' | 'temp';

/** The fields of Read in their order. */
export const FIELDS_IN_ORDER: Readonly<Record<ReadOrder, readonly ReadField[]>> = {
  phEcTemp: ['ph', 'ec', 'temp'],
  ecPhTemp: ['ec', 'ph', 'temp'],
  tempPhEc: ['temp', 'ph', 'ec'],
  tempEcPh: ['temp', 'ec', 'ph'],
};
