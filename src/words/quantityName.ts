/** What is measured, as it is written. */
export const QUANTITY_NAME = { ph: 'pH', ec: 'EC' } as const;
