import type { RecordId } from '@/records';
import type { Bringing } from './bring';

/** The same with real ids in place of those of the preview. */
export function withIds(bringing: Bringing, newId: () => RecordId): Bringing {
  const ids = new Map<RecordId, RecordId>();
  const real = <Named extends { readonly id: RecordId }>(all: readonly Named[]) =>
    all.map((one) => {
      const id: Named['id'] = newId() as string;
      ids.set(one.id, id);
      return { ...one, id };
    });
  const tanks = real(bringing.tanks);
  const pens = real(bringing.pens);
  const of = <Id extends RecordId>(id: Id) => (ids.get(id) ?? id) as Id;
  const all = <Id extends RecordId>(named: Readonly<Record<string, Id>>) =>
    Object.fromEntries(Object.entries(named).map(([name, id]) => [name, of(id)]));
  return {
    ...bringing,
    tanks,
    pens,
    readings: bringing.readings.map(({ line, body }) => ({
      line,
      body: {
        ...body,
        tankId: of(body.tankId),
        ...(body.ph ? { ph: { ...body.ph, penId: of(body.ph.penId) } } : {}),
        ...(body.ec ? { ec: { ...body.ec, penId: of(body.ec.penId) } } : {}),
      },
    })),
    sessions: bringing.sessions.map(({ line, body }) => ({
      line,
      body: { ...body, penId: of(body.penId) },
    })),
    placeIds: all(bringing.placeIds),
    penIds: all(bringing.penIds),
  };
}
