import { z } from 'zod';
import type { IdOf } from '../ids';

/** A finite number: NaN and infinities never enter the book. */
export const finite = z.number().refine(Number.isFinite, 'must be finite');

/** A number above zero. */
export const positive = finite.refine((value) => value >= 1e-9, 'must be above zero');

/** A UTC instant, e.g. 2026-03-01T07:30:00.000Z. */
export const instant = z.iso.datetime();

/** A calendar day, e.g. 2026-03-01. */
export const calendarDay = z.iso.date();

/** A short text a person typed. */
export const shortText = z.string().trim().max(200);

/** A name that is needed, as a person types it. */
export const nameText = shortText.min(1, 'A name is needed.');

/** Initials of who looks after a pen or a tank. */
export const initialsText = z.string().trim().max(4);

/** A note a person typed. */
export const noteText = z.string().max(4000);

const reference = z.string().min(1).max(64);

/** The id of another record of one kind. Whether there is one is not asked: it may come later. */
export const recordRef = <Kind extends string>() => reference as z.ZodType<IdOf<Kind>, IdOf<Kind>>;

/** One row of a label's table. */
export const tableRow = z.object({ tempC: finite, value: finite });
