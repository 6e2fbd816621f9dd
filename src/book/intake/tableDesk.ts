import { takeInTable } from '@/acts';
import { answer } from '@/core/result';
import type { TableUnits } from '@/interchange/intake';
import { idSource, recordNamedBy } from '@/records';
import { settingSchema } from '@/records/kinds';
import { LongWork } from '../longWork';
import type { OpenBook } from '../openBook';
import type { TableDesk } from '../tableDeskApi';
import { OpenedTable } from './openedTable';

/** Where tables of other programs are opened, read and taken into the book. */
export function tableDesk(opened: () => OpenBook): TableDesk {
  let table: OpenedTable | undefined;
  const work = new LongWork();
  const onDesk = (): OpenedTable => {
    if (!table) throw new Error('No table is open.');
    return table;
  };
  /** What the book itself shows EC and temperature in. */
  const own = (): TableUnits => {
    const body = opened().state.all('setting')[0]?.body;
    const { ecScale, tempUnit } = body ?? settingSchema.parse({});
    return { ecScale, tempUnit };
  };
  return {
    async openTable(file) {
      table?.cancel();
      table = undefined;
      const result = await OpenedTable.open(file, opened().state, own());
      if (!result.ok) return result;
      table = result.value.table;
      return answer(result.value.seen);
    },
    lookAgain: ({ subject, shape }) => Promise.resolve(onDesk().lookAgain(subject, shape, own())),
    readTable: (wish, moment, onProgress) =>
      onDesk().read(opened().state, wish, moment, onProgress),
    async cancelTable() {
      work.stop();
      table?.cancel();
    },
    rejectedRows: () => Promise.resolve(onDesk().rejects()),
    async takeTable(moment, actId, onShare) {
      const makeId = idSource();
      const open = onDesk();
      const read = open.taken(() => recordNamedBy(makeId(moment.nowMs)));
      if (!read) throw new Error('The table was not read yet.');
      const { wish, bringing } = read;
      const { readings, sessions, rejected } = bringing;
      const doubled = rejected.filter(({ trouble }) => trouble.reason === 'double').length;
      const act = takeInTable({
        tanks: bringing.tanks,
        pens: bringing.pens,
        readings: readings.map(({ body }) => body),
        sessions: sessions.map(({ body }) => body),
        intake: {
          file: open.name.slice(0, 200),
          at: new Date(moment.nowMs).toISOString(),
          subject: wish.subject,
          taken: readings.length + sessions.length,
          doubled,
          rejected: rejected.length - doubled,
          heads: [...open.heads(wish.shape.headAt)],
          columns: [...wish.columns],
          shape: wish.shape,
          ...wish.units,
          places: bringing.placeIds,
          pens: bringing.penIds,
        },
      });
      await work.go(onShare, (step) =>
        opened().append(act.changes, { ...moment, actId }, { wait: step, tell: step.now }),
      );
      return { taken: readings.length + sessions.length };
    },
  };
}
