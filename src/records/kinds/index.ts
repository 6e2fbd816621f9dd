import type { z } from 'zod';
import { additionSchema } from './addition';
import { waterSchema } from './water';
import { productSchema } from './product';
import { jarTestSchema } from './jarTest';
import { probeSchema } from './probe';
import { controlReadingSchema } from './controlReading';
import { comparisonSchema } from './comparison';
import { profileSchema } from './profile';
import { benchDraftSchema } from './benchDraft';
import { careEventSchema } from './careEvent';
import { lotSchema } from './lot';
import { penSchema } from './pen';
import { personSchema } from './person';
import { readingSchema } from './reading';
import { skipSchema } from './skip';
import { sessionSchema } from './session';
import { standingSchema } from './standing';
import { intakeSchema } from './intake';
import { erasureSchema } from './erasure';
import { settingSchema } from './setting';
import { tankSchema } from './tank';

/** One schema per kind of record. To add a kind, add its file and a line here. */
export const KIND_SCHEMAS = {
  person: personSchema,
  pen: penSchema,
  lot: lotSchema,
  tank: tankSchema,
  reading: readingSchema,
  session: sessionSchema,
  benchDraft: benchDraftSchema,
  careEvent: careEventSchema,
  addition: additionSchema,
  water: waterSchema,
  product: productSchema,
  jarTest: jarTestSchema,
  probe: probeSchema,
  controlReading: controlReadingSchema,
  comparison: comparisonSchema,
  profile: profileSchema,
  skip: skipSchema,
  standing: standingSchema,
  setting: settingSchema,
  intake: intakeSchema,
  erasure: erasureSchema,
} as const;

export type Kind = keyof typeof KIND_SCHEMAS;
export type BodyOf<K extends Kind> = z.infer<(typeof KIND_SCHEMAS)[K]>;
/** Every kind of record. */
export const KINDS = Object.keys(KIND_SCHEMAS) as readonly Kind[];

export * from './addition';
export * from './benchDraft';
export * from './careEvent';
export * from './lot';
export * from './pen';
export * from './person';
export * from './reading';
export * from './sample';
export * from './session';
export * from './skip';
export * from './standing';
export * from './intake';
export * from './erasure';
export * from './setting';
export * from './settingId';
export * from './tank';
export * from './water';
export * from './product';
export * from './jarTest';
export * from './probe';
export * from './controlReading';
export * from './comparison';
export * from './profile';
export * from '../samples';
