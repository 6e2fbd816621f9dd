import type { BookSettings, Person } from '@/records/kinds';
import type { RecordNames } from './names';
import type { PenAnswer } from './pens';
import type { TankAnswer } from './tanks';
import type { LotAnswer } from './shelf';

/** A timer that runs or has just run out. */
export interface TimerRow {
  readonly kind: 'soak' | 'drying' | 'cleaner' | 'mixing' | 'stopGap';
  readonly id: string;
  readonly startMs: number;
  readonly endMs: number;
  /** A pen's code, or a tank's name. */
  readonly name: string;
  /** The pen or the tank. */
  readonly refId: string;
}

/** One stop of today's round. */
export type RoundStop =
  | {
      readonly kind: 'reread';
      readonly tank: TankAnswer;
      readonly dueMs: number;
      readonly done: false;
    }
  | { readonly kind: 'soak'; readonly pen: PenAnswer; readonly endMs: number; readonly done: false }
  | { readonly kind: 'pen'; readonly pen: PenAnswer; readonly done: boolean }
  | { readonly kind: 'tank'; readonly tank: TankAnswer; readonly done: boolean }
  | { readonly kind: 'lot'; readonly lot: LotAnswer; readonly done: false };

/** Today's round. */
export interface RoundAnswer {
  readonly stops: readonly RoundStop[];
  readonly tankCount: number;
  readonly penCount: number;
}

/** Settings of the book and the people in it. */
export interface SettingsAnswer {
  readonly settings: BookSettings;
  readonly revId?: string | undefined;
  readonly people: readonly (RecordNames & { readonly body: Person })[];
}
