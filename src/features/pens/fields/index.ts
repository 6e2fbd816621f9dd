import type { ReadOut, TypedIn } from '@/features/parts/fields/field';
import type { Formats } from '@/words';
import { ecSideFields } from './ecSide';
import { namedFields, policyFields } from './named';
import { phSideFields } from './phSide';
import { pointFields } from './point';
import { displayFields, paperFields } from './whole';

/** The pen form, part by part; a property of a pen is described here and nowhere else. */
export const penParts = (formats: Formats) => ({
  named: namedFields(),
  phSide: phSideFields(formats),
  ecSide: ecSideFields(formats),
  policies: policyFields(formats),
  point: pointFields(formats),
  display: displayFields(formats),
  papers: paperFields(formats),
});

export type PenParts = ReturnType<typeof penParts>;

/** All its fields as one: those of a side the pen lacks are carried but unused. */
export function penFields(parts: PenParts) {
  const { named, phSide, ecSide, policies, point, display, papers } = parts;
  return { ...named, ...phSide, ...ecSide, ...policies, ...point, ...display, ...papers };
}

export type PenFormIn = TypedIn<ReturnType<typeof penFields>>;
export type PenFormOut = ReadOut<ReturnType<typeof penFields>>;
