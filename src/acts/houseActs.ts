import type { BookSettings, Pen, Reading, Tank } from '@/records/kinds';
import { BOOK_SETTINGS_ID } from '@/records/kinds/settingId';
import { make, type Act } from './act';
import type { RecordId } from '@/records';

/** Somebody who reads tanks and pens. */
export const addPerson = (initials: string): Act => ({
  done: { what: 'added', name: initials },
  changes: [make('person', { initials, name: '' })],
});

/** How this book writes values. It joins whatever heads the settings have. */
export const changeSettings = (settings: BookSettings): Act => ({
  done: { what: 'settingChanged' },
  changes: [{ kind: 'setting', recordId: BOOK_SETTINGS_ID, body: settings }],
});

/** The first pen and the first tank of an own book. */
export const setUp = (pen: Pen, tank: Tank): Act => ({
  done: { what: 'setUp', pen: pen.code, tank: tank.name },
  changes: [make('pen', pen), make('tank', tank)],
});

/** A reading; the screen that follows tells of it and takes it back. */
export const takeReading = (body: Reading): Act => ({ changes: [make('reading', body)] });

/** A reading taken back at once. */
export const takeBackReading = (recordId: RecordId): Act => ({
  changes: [{ kind: 'reading', recordId, body: null }],
});
