import type { EntryAnswer } from '@/book/answers';
import { checkDips, checkFacts } from '@/features/book/checkRecord';
import { versionLines } from '@/words/book/entryFacts';
import type { Session } from '@/records/kinds';
import { dayMonthYear, type Formats } from '@/words';
import { checkSays } from '@/words/book/check';
import { printSays } from '@/words/print/print';
import type { Sheet } from './sheet';

/** The record of one check, with everything it ever said. Undefined for an entry that is no check. */
export function checkSheet(entry: EntryAnswer, formats: Formats): Sheet | undefined {
  const told = entry.versions.find(({ body }) => body !== null);
  const first = entry.versions.at(-1);
  if (entry.kind !== 'session' || !told || !first) return undefined;
  const body = told.body as Session;
  const voided = entry.versions[0]!.body === null;
  const about = { check: entry.check, by: first.by, zone: first.zone, formats };
  return {
    title: printSays.checkTitle(entry.check?.code ?? ''),
    about: dayMonthYear(Date.parse(body.finishedAt)),
    blocks: [
      ...(voided ? [{ kind: 'text' as const, text: printSays.voided }] : []),
      { kind: 'facts', facts: checkFacts(body, about) },
      {
        kind: 'table',
        caption: checkSays.tries,
        heads: [
          checkSays.cupHead,
          checkSays.phaseHead,
          checkSays.targetHead,
          checkSays.shownHead,
          checkSays.errorHead,
          checkSays.allowedHead,
          checkSays.verdictHead,
        ],
        rows: checkDips(body, formats).map((dip) => [
          dip.cup,
          dip.phase,
          dip.target,
          dip.shown,
          dip.error,
          dip.allowed,
          dip.verdict,
        ]),
        empty: printSays.noTries,
      },
      {
        kind: 'table',
        caption: printSays.history,
        heads: [printSays.whatHappened, printSays.whatChanged],
        rows: versionLines(entry, formats).map(({ title, why, changes }) => [
          why ? `${title}: ${why}` : title,
          changes.join('; '),
        ]),
        empty: '',
      },
    ],
  };
}
