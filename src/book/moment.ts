/** The moment and place an act happens: the worker has no clock of its own. */
export interface Moment {
  readonly nowMs: number;
  readonly zone: string;
}
