import type { BufferKind } from './constants';

/** A buffer as a family's member: its recipe and the value its label prints. */
export interface FamilyMember {
  readonly kind: BufferKind;
  readonly nominalPh: number;
}

/** The sets of buffers that pens know. To add one, see CONTRIBUTING.md. */
export type BufferFamily = 'technical' | 'technical-7.01' | 'technical-4.00' | 'sachet';

/** Members of each family, neutral first: it sets the zero of a pen. */
export const BUFFER_FAMILIES: Readonly<Record<BufferFamily, readonly FamilyMember[]>> = {
  technical: [
    { kind: 'technical-7.00', nominalPh: 7.0 },
    { kind: 'phthalate-4.01', nominalPh: 4.01 },
    { kind: 'carbonate-10.01', nominalPh: 10.01 },
  ],
  'technical-7.01': [
    { kind: 'technical-7.00', nominalPh: 7.01 },
    { kind: 'phthalate-4.01', nominalPh: 4.01 },
    { kind: 'carbonate-10.01', nominalPh: 10.01 },
  ],
  'technical-4.00': [
    { kind: 'technical-7.00', nominalPh: 7.0 },
    { kind: 'phthalate-4.01', nominalPh: 4.0 },
    { kind: 'carbonate-10.01', nominalPh: 10.0 },
  ],
  sachet: [
    { kind: 'phosphate-6.86', nominalPh: 6.86 },
    { kind: 'phthalate-4.01', nominalPh: 4.0 },
    { kind: 'borax-9.18', nominalPh: 9.18 },
  ],
};

/**
 * The recipe a nominal value stands for, or undefined when no family has it.
 * `kindOfNominal(9.18) // => borax-9.18`
 */
export function kindOfNominal(nominalPh: number): BufferKind | undefined {
  const members = Object.values(BUFFER_FAMILIES).flat();
  return members.find((member) => Math.abs(member.nominalPh - nominalPh) < 0.011)?.kind;
}
