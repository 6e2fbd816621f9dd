import type { PenSheet, SheetCheck } from '@/book/answers';
import { cupTarget, judgeDip, type BenchEvent, type BenchPlan } from '@/core/procedure';
import { dipReading } from '@/core/procedure';
import {
  CARE_WORD,
  careDetail,
  dayMonthYear,
  writeMoment,
  type Formats,
  QUANTITY_NAME,
} from '@/words';
import { errorWords, shownText } from '@/words/bench/benchWords';
import { cupName } from '@/words/bench/cupWords';
import { OUTCOME_SENTENCE } from '@/words/pens/penLines';
import { printSays } from '@/words/print/print';
import type { Sheet, SheetBlock } from './sheet';

interface Period {
  readonly fromMs: number;
  readonly toMs: number;
}

/** What a cup showed in one phase: "7.05 pH (0.05 pH high)". */
function shownIn(
  { body }: SheetCheck,
  phases: readonly ('asFound' | 'asLeft' | 'confirm')[],
  formats: Formats,
): string {
  const plan = body.plan as BenchPlan;
  const events = body.events as readonly BenchEvent[];
  return plan.cups
    .flatMap((cup) => {
      const phase = phases.find((each) => dipReading(events, each, cup.id).reading);
      const reading = phase && dipReading(events, phase, cup.id).reading;
      if (!phase || !reading) return [];
      const shown = shownText(plan, reading.shown, formats);
      if (!cupTarget(plan, cup).ok) return [`${cupName(cup, formats)}: ${shown}`];
      const { error } = judgeDip(plan, cup, phase, reading.shown);
      return [`${cupName(cup, formats)}: ${shown} (${errorWords(plan, error, formats)})`];
    })
    .join('; ');
}

/** The bottles of a check, with their numbers and dates. */
function bottles({ body, about }: SheetCheck, formats: Formats): string {
  return body.plan.cups
    .map((cup) => {
      const lot = cup.lotId === undefined ? undefined : about.lots[cup.lotId];
      const code = lot?.lotCode || printSays.noNumber;
      const date = lot?.expiresAt ? printSays.until(dayMonthYear(Date.parse(lot.expiresAt))) : '';
      const past = cup.lotId !== undefined && body.pastDateLots.includes(cup.lotId);
      const name = cupName(cup as BenchPlan['cups'][number], formats);
      return [`${name}: ${code}`, date, past ? printSays.past : ''].filter(Boolean).join(', ');
    })
    .join('; ');
}

/** What was said of a check after it was written, and what was said with it. */
function remarks({ body, amended }: SheetCheck): string {
  return [
    body.afterCleaning ? printSays.afterCleaning : '',
    body.note,
    ...amended.map(({ atMs, by, why, voided }) =>
      (voided ? printSays.wasVoided : printSays.wasAmended)(dayMonthYear(atMs), by, why),
    ),
  ]
    .filter(Boolean)
    .join('; ');
}

function checkRow(check: SheetCheck, formats: Formats): readonly string[] {
  const { body, by } = check;
  const plan = body.plan as BenchPlan;
  const voided = check.amended.at(-1)?.voided === true;
  return [
    `${writeMoment(Date.parse(body.finishedAt))}, ${by || printSays.nobody}`,
    `${QUANTITY_NAME[plan.quantity]}, ${formats.temp(plan.tempC)}`,
    bottles(check, formats),
    shownIn(check, ['asFound'], formats),
    shownIn(check, ['confirm', 'asLeft'], formats) || printSays.notAdjusted,
    voided ? printSays.countsNoMore : OUTCOME_SENTENCE[body.outcome],
    remarks(check),
  ];
}

/** What is printed of one pen. */
function blocksOf(pen: PenSheet, formats: Formats): readonly SheetBlock[] {
  const fitted = pen.probes
    .map(({ side, serial, fittedAtMs }) =>
      printSays.probe(QUANTITY_NAME[side], serial || printSays.noNumber, dayMonthYear(fittedAtMs)),
    )
    .join('; ');
  return [
    { kind: 'heading', text: printSays.penHeading(pen.code, pen.name) },
    {
      kind: 'facts',
      facts: [
        { label: printSays.device, value: pen.serial || printSays.notWritten },
        ...(fitted ? [{ label: printSays.probes, value: fitted }] : []),
      ],
    },
    {
      kind: 'table',
      caption: printSays.checksOf(pen.code),
      heads: [
        printSays.whenBy,
        printSays.side,
        printSays.bottles,
        printSays.found,
        printSays.left,
        printSays.verdict,
        printSays.remarks,
      ],
      rows: pen.checks.map((check) => checkRow(check, formats)),
      empty: printSays.noChecks,
    },
    {
      kind: 'table',
      caption: printSays.careOf(pen.code),
      heads: [printSays.whenBy, printSays.what, printSays.remarks],
      rows: pen.care.map(({ atMs, by, body }) => [
        `${writeMoment(atMs)}, ${by || printSays.nobody}`,
        CARE_WORD[body.what],
        [careDetail(body), body.note].filter(Boolean).join('; '),
      ]),
      empty: printSays.noCare,
    },
  ];
}

/** The checks and the care of one pen, or of several, over a period. */
export function pensSheet(
  pens: readonly PenSheet[],
  { fromMs, toMs }: Period,
  formats: Formats,
): Sheet {
  const [only] = pens;
  return {
    title:
      pens.length === 1 && only ? printSays.penTitle(only.code) : printSays.pensTitle(pens.length),
    about: printSays.period(dayMonthYear(fromMs), dayMonthYear(toMs)),
    blocks: pens.flatMap((pen) => blocksOf(pen, formats)),
  };
}
