import { amendedOutcome, type BenchEvent, type BenchPlan } from '@/core/procedure';
import type { CareEvent, Comparison, ControlReading, Probe, Session } from '@/records/kinds';
import { CARE_WORD } from '@/words';
import { shownUnit } from '@/words/bench/benchWords';
import { cupName } from '@/words/bench/cupWords';
import { amendSays } from '@/words/book/amend';
import { PHASE_WORD } from '@/words/book/check';
import type { AmendField } from './amendField';
import {
  among,
  at,
  moment,
  named,
  note,
  number,
  PH,
  temperature,
  text,
  type AmendAbout,
} from './amendParts';

/** Fields of care. */
export function ofCare(body: CareEvent): AmendField<CareEvent>[] {
  const until: AmendField<CareEvent>[] = body.until
    ? [
        {
          name: 'until',
          label: amendSays.until,
          typed: moment(body.until),
          takes: { as: 'moment', ahead: true },
          put: (was, value: string) => ({ ...was, until: value }),
        },
      ]
    : [];
  return [
    {
      name: 'what',
      label: amendSays.what,
      typed: body.what,
      takes: {
        as: 'choice',
        options: Object.entries(CARE_WORD).map(([value, label]) => ({ value, label })),
      },
      put: (was, value: CareEvent['what']) => ({ ...was, what: value }),
    },
    at(body),
    ...until,
    note(body),
  ];
}

/** A check with other values: how it ended follows from what is in it. */
const judged = (body: Session): Session => ({
  ...body,
  outcome: amendedOutcome(
    body.plan as BenchPlan,
    body.events as readonly BenchEvent[],
    body.outcome,
  ),
});

/** The whole sitting was at another time: all of it moves. */
function moved(body: Session, finishedAt: string): Session {
  const byMs = Date.parse(finishedAt) - Date.parse(body.finishedAt);
  return {
    ...body,
    finishedAt,
    startedAt: new Date(Date.parse(body.startedAt) + byMs).toISOString(),
    events: body.events.map((event) =>
      'atMs' in event ? { ...event, atMs: event.atMs + byMs } : event,
    ),
  };
}

/** Fields of a check: every value that was shown, and the bottles. */
export function ofSession(body: Session, about: AmendAbout): AmendField<Session>[] {
  const plan = body.plan as BenchPlan;
  const cupOf = (id: string) => plan.cups.find((cup) => cup.id === id);
  const tries = body.events.flatMap((event, index): AmendField<Session>[] => {
    const cup = event.type === 'read' ? cupOf(event.cupId) : undefined;
    if (event.type !== 'read' || !cup) return [];
    return [
      {
        name: `try${index}`,
        label: amendSays.cup(cupName(cup, about.formats), PHASE_WORD[event.phase]),
        unit: shownUnit(plan),
        typed: String(event.shown),
        takes: plan.quantity === 'ph' ? PH : { as: 'number', low: 0, high: 200_000 },
        put: (was, value: number) =>
          judged({
            ...was,
            events: was.events.map((one, where) =>
              where === index && one.type === 'read' ? { ...one, shown: value } : one,
            ),
          }),
      },
    ];
  });
  const lots = plan.cups.map((cup): AmendField<Session> => ({
    name: `lot${cup.id}`,
    label: amendSays.cupLot(cupName(cup, about.formats)),
    typed: cup.lotId ?? '',
    takes: {
      as: 'choice',
      options: [
        { value: '', label: amendSays.noLot },
        ...(cup.lotId ? among(about.names.lots, cup.lotId).options : named(about.names.lots)),
      ],
    },
    put: (was, value: string) => ({
      ...was,
      plan: {
        ...was.plan,
        cups: was.plan.cups.map((one) =>
          one.id === cup.id ? { ...one, lotId: value || undefined } : one,
        ),
      },
    }),
  }));
  return [
    ...tries,
    ...temperature<Session>(plan.tempC, about, {
      label: amendSays.cupsAt,
      put: (was, tempC) => judged({ ...was, plan: { ...was.plan, tempC } }),
    }),
    ...lots,
    {
      name: 'when',
      label: amendSays.finished,
      typed: moment(body.finishedAt),
      takes: { as: 'moment' },
      put: moved,
    },
    note(body),
  ];
}

/** Fields of the house control. */
export function ofControl(body: ControlReading, about: AmendAbout): AmendField<ControlReading>[] {
  return [
    number('shown', amendSays.shown, { value: body.shown, unit: 'pH', high: 14 }),
    number('nominalPh', amendSays.nominal, { value: body.nominalPh, unit: 'pH', high: 14 }),
    ...temperature<ControlReading>(body.tempC, about, {
      label: amendSays.temperature,
      put: (was, tempC) => ({ ...was, tempC }),
    }),
    at(body),
    note(body),
  ];
}

/** Fields of a comparison. */
export function ofComparison(body: Comparison, about: AmendAbout): AmendField<Comparison>[] {
  const { against, what } = body;
  // An EC is shown in the pen's own scale, which a comparison does not hold.
  const unit = what === 'ec' ? {} : { unit: what === 'ph' ? 'pH' : '°C' };
  const other: AmendField<Comparison>[] =
    against.by === 'pen'
      ? [
          {
            name: 'other',
            label: amendSays.otherShown,
            ...unit,
            typed: String(against.shown),
            takes: { as: 'number', low: 0, high: 200_000 },
            put: (was, value: number) =>
              was.against.by === 'pen'
                ? { ...was, against: { ...was.against, shown: value } }
                : was,
          },
        ]
      : [];
  return [
    number('shown', amendSays.shown, { value: body.shown, ...unit, high: 200_000 }),
    ...other,
    ...temperature<Comparison>(body.tempC, about, {
      label: amendSays.temperature,
      put: (was, tempC) => ({ ...was, tempC }),
    }),
    at(body),
    note(body),
  ];
}

/** Fields of a probe. */
export const ofProbe = (body: Probe): AmendField<Probe>[] => [
  text('serial', amendSays.number, body.serial),
  {
    name: 'fitted',
    label: amendSays.fitted,
    typed: moment(body.fittedAt),
    takes: { as: 'moment' },
    put: (was, value: string) => ({ ...was, fittedAt: value }),
  },
  note(body),
];
