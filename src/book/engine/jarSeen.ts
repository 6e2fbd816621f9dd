import { stateAt } from '@/core/drift';
import { molPerUnit } from '@/core/chemistry';
import { assessQuick, hasNumber } from '@/core/readings';
import type { JarRead } from '@/core/tank-belief';
import { JARS_OF_TANK } from './partsOfBook';
import type { BookState, LiveRecord } from './bookState';
import { repeatStdUOf, trackOf } from './penTrack';
import { productById } from './productOf';
import type { TankId } from '@/records';

/** A jar test as the chemistry has to know it: pH corrected, doses by the litre; undefined without its pen. */
function jarSeen(
  book: BookState,
  { body }: LiveRecord<'jarTest'>,
): (JarRead & { readonly atMs: number }) | undefined {
  const { penId, productId, dilution, dropMl, sampleL } = body;
  const atMs = Date.parse(body.at);
  const pen = penId && book.record('pen', penId)?.body.ph;
  const track = penId && trackOf(book, penId, 'ph');
  const product = productById(book, productId);
  if (!penId || !pen || !track || !product) return undefined;
  const state = stateAt(track, atMs);
  const mol = molPerUnit(product);
  const repeatStdU = repeatStdUOf(book, penId, 'ph');
  let stdU = 0;
  const points = body.points.flatMap(({ drops, ph }) => {
    const read = assessQuick({ quantity: 'ph', shown: ph, pen, state, repeatStdU });
    // The sample as it was tells nothing that its tank did not.
    if (!read.ok || !hasNumber(read.value.standing) || drops <= 0) return [];
    stdU = Math.max(stdU, read.value.expandedU / 2);
    const ml = (drops * dropMl) / dilution;
    return [{ perL: (ml * (mol.ok ? mol.value : 1e-3)) / sampleL, ph: read.value.value }];
  });
  if (points.length === 0) return undefined;
  return {
    kind: 'jar',
    atMs,
    reagent: product.reagent,
    points,
    penId,
    stdU,
    digitPh: pen.resolutionPh,
    unknownId: mol.ok ? undefined : productId,
  };
}

/** The jar tests of a tank. */
export const jarsOf = (book: BookState, tankId: TankId): readonly JarRead[] =>
  book.part(JARS_OF_TANK, tankId).flatMap((record) => jarSeen(book, record) ?? []);
