import type { RecordId } from '@/records';
import type { Bringing } from './bring';

/** The same with real ids in place of those of the preview. */
export function withIds(bringing: Bringing, newId: () => RecordId): Bringing {
  const ids = new Map<RecordId, RecordId>();
  const real = <Body>(all: Bringing['tanks'] | Bringing['pens']) =>
    all.map(({ id, body }) => {
      const named = newId();
      ids.set(id, named);
      return { id: named, body: body as Body };
    });
  const tanks = real<Bringing['tanks'][number]['body']>(bringing.tanks);
  const pens = real<Bringing['pens'][number]['body']>(bringing.pens);
  const of = (id: RecordId) => ids.get(id) ?? id;
  const all = (named: Readonly<Record<string, RecordId>>) =>
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
