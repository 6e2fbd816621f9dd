import type { CupId } from '@/core/procedure';
import { DAY_MS } from '@/core/units';
import type { DriftAnswer, PenAnswer, PenSide, SessionRow, PenDetailAnswer } from '@/book/answers';
import { PEN_WORDS_WORST_FIRST, type PenWord } from '@/core/schedule';
import {
  ago,
  BROKEN_REASON,
  dueBy,
  disagreeWords,
  dueReason,
  EVENT_WORD,
  GONE_WORD,
  LEFT_OUT_REASON,
  PEN_REASON,
  PEN_WORD,
  paperDay,
  POLICY_WORD,
  shortDay,
  type Formats,
  SCALE_LABEL,
  QUANTITY_NAME,
} from '@/words';

/** A pen's state in words: one for all of it, or one a side where they differ. */
export function penWords(pen: Pick<PenAnswer, 'word' | 'sides' | 'body'>): string {
  if (pen.body.gone) return GONE_WORD[pen.body.gone.why];
  const words = pen.sides.map(({ quantity, word }) => ({
    side: QUANTITY_NAME[quantity],
    word: PEN_WORD[word].toLowerCase(),
  }));
  const differ = new Set(words.map(({ word }) => word)).size > 1;
  return differ ? words.map(({ side, word }) => `${side} ${word}`).join(' · ') : PEN_WORD[pen.word];
}

/** Whether a check looks back: at the one before it, or a first one at what was read before. */
export const hasLookBack = ({ points, curve }: DriftAnswer): boolean =>
  points.length > 1 || (curve[0]?.atMs ?? Infinity) < (points[0]?.atMs ?? -Infinity);

/** The error of one side with its ±, where the crops live. */
export function errorLine(side: PenSide, formats: Formats): string {
  if (!side.error) return 'This pen’s error is not known yet';
  const { atPh, error, budget } = side.error;
  const { expandedU } = budget;
  if (atPh !== undefined) {
    return `${formats.signed(error, 2)} ± ${formats.number(expandedU, 2)} pH, at pH ${formats.number(atPh, 0)}`;
  }
  return `${formats.signed(100 * error, 1)} % ± ${formats.number(100 * expandedU, 1)} % in EC`;
}

/** When the next check is due, or why there is no date. */
export function dueLine(pen: PenAnswer, nowMs: number): string {
  if (pen.body.gone) return `since ${shortDay(Date.parse(pen.body.gone.at), nowMs)}`;
  const open = pen.openBench[0];
  if (open) return 'a check is open: go on with it';
  const dues = pen.sides.flatMap((side) => side.dueAtMs ?? []);
  if (pen.word === 'cantBeTrusted') return 'check now';
  if (pen.sides.some((side) => side.lastCheckMs === undefined)) return 'check it in a buffer first';
  if (dues.length === 0) return 'checked only when doubted';
  const first = Math.min(...dues);
  return nowMs >= first ? `check was due ${dueBy(first, nowMs)}` : `check ${dueBy(first, nowMs)}`;
}

/** When a side is checked next and why then; a probe in its soak waits for the end of it. */
export function nextCheckLine(
  { due, policy }: PenSide,
  nowMs: number,
  word?: PenAnswer['word'],
): string {
  if (due.reason === 'never')
    return `Next check: ${word === 'soaking' ? 'when the soak is over' : 'now'}. It has never been in a buffer or standard.`;
  if (due.reason === 'noDate') return `Next check: no date, ${POLICY_WORD[policy]}.`;
  const why = {
    policy: POLICY_WORD[policy],
    uses: 'it has been used as often as you allow',
    ownDrift: 'by then it may drift out of tolerance',
    unused: 'thirty days unused ask for one',
    off: 'it is out of tolerance',
    disagrees: due.reason === 'disagrees' ? disagreeWords(due) : '',
    event: due.reason === 'event' ? EVENT_WORD[due.event] : '',
  }[due.reason];
  const when = due.atMs <= nowMs ? `due since ${shortDay(due.atMs)}` : dueBy(due.atMs, nowMs);
  return `Next check: ${when}; ${why}.`;
}

/** One line over the list: how many are in which state, the worst last. */
export function pensSummary(pens: readonly PenAnswer[]): string {
  const order: readonly PenWord[] = [...PEN_WORDS_WORST_FIRST].reverse();
  const parts = order.flatMap((word) => {
    const count = pens.filter((pen) => pen.word === word).length;
    return count > 0 ? [`${count} ${PEN_WORD[word].toLowerCase()}`] : [];
  });
  const text = parts.join(', ');
  return text ? `${text[0]!.toUpperCase()}${text.slice(1)}.` : '';
}

/** What a session came to, in a sentence. */
export const OUTCOME_SENTENCE = {
  inTolerance: 'In tolerance. Nothing adjusted.',
  adjusted: 'Adjusted, and within tolerance afterwards.',
  adjustedWithMiss: 'Adjusted. One point was accepted outside its tolerance.',
  leftOut: 'Out of tolerance, and not adjusted.',
} as const;

/** What was read in a session: as found and as left in each cup. */
export function sessionLine({ body }: SessionRow, formats: Formats): string {
  const { resolution, quantity, scale } = body.plan;
  const unit = quantity === 'ph' ? 'pH' : SCALE_LABEL[scale ?? 'mS/cm'];
  const last = (cupId: CupId, phases: readonly string[]) =>
    body.events.findLast((e) => e.type === 'read' && e.cupId === cupId && phases.includes(e.phase));
  const line = body.plan.cups
    .map((cup) => {
      const found = last(cup.id, ['asFound']);
      const left = last(cup.id, ['asLeft', 'confirm']);
      const write = (event: typeof found) =>
        event?.type === 'read' ? `${formats.shown(event.shown, resolution)} ${unit}` : '–';
      const name =
        cup.quantity === 'ph'
          ? `${formats.shown(cup.buffer.nominalPh, 0.01)} buffer`
          : `${formats.ecPlain(cup.standard.nominalMsPerCm)} ${formats.ecUnit}`;
      return `${name}: found ${write(found)}${left ? `, left ${write(left)}` : ''}`;
    })
    .join(' · ');
  return line;
}

/** When a side was last checked. */
export function lastCheckLine(side: PenSide, nowMs: number): string {
  return side.lastCheckMs === undefined
    ? 'never checked'
    : `checked ${ago(side.lastCheckMs, nowMs)} (${shortDay(side.lastCheckMs)})`;
}

/** When a side is to be cleaned and soaked next, in a sentence; empty where no date is set. */
export function careDueLine(
  { side, cleanAtMs, soakAtMs, heavyUse }: PenDetailAnswer['careDue'][number],
  nowMs: number,
): string {
  const name = side === 'ph' ? 'pH probe' : 'EC face';
  const when = (ms: number) => (ms < nowMs - DAY_MS ? 'now, it is overdue' : dueBy(ms, nowMs));
  const clean = cleanAtMs === undefined ? '' : `clean it ${when(cleanAtMs)}`;
  const soak = soakAtMs === undefined ? '' : `soak it ${when(soakAtMs)}`;
  const parts = [clean, soak].filter(Boolean).join(', ');
  return parts ? `${name}: ${parts}${heavyUse ? ', it is in heavy use' : ''}.` : '';
}

/** What its papers say, in one line. */
export function papersLine({ papers }: Pick<PenDetailAnswer['body'], 'papers'>): string {
  if (!papers) return '';
  const { serial, boughtOn, guaranteeUntil, certificate, batteries } = papers;
  return [
    serial && `no. ${serial}`,
    boughtOn && `bought ${paperDay(boughtOn)}`,
    guaranteeUntil && `guarantee until ${paperDay(guaranteeUntil)}`,
    certificate && `certificate ${certificate}`,
    batteries && `batteries ${batteries}`,
  ]
    .filter(Boolean)
    .join(' · ');
}

/** Why it is in its state: the event or date that makes it so, else the word's own reason. */
export function reasonOf(pen: Pick<PenDetailAnswer, 'word' | 'sides'>): string {
  if (pen.word === 'gone') return PEN_REASON.gone;
  if (pen.sides.some(({ state }) => state.standing === 'broken')) return BROKEN_REASON;
  const isLeftOut = pen.sides.some(({ word, leftOut }) => word === 'cantBeTrusted' && leftOut);
  if (pen.word === 'cantBeTrusted' && isLeftOut) return LEFT_OUT_REASON;
  const due = pen.word === 'checkDue' ? pen.sides.map(({ due: each }) => dueReason(each)) : [];
  return due.find((reason) => reason !== undefined) ?? PEN_REASON[pen.word];
}
