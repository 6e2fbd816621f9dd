import { z } from 'zod';
import { dayMs, dayText, instantOf } from '@/features/parts/days';
import {
  fieldOf,
  openedWith,
  schemaOf,
  takenInto,
  type ReadOut,
  type TypedIn,
} from '@/features/parts/fields/field';
import { line, typedDay } from '@/features/parts/fields/kinds';
import type { PenId } from '@/records';
import type { Probe } from '@/records/kinds';
import { QUANTITY_NAME } from '@/words';
import { probesSays } from '@/words/pens/probes';

type Side = Probe['side'];

const probeField = fieldOf<Probe>();

/** A day as people write it that is not yet to come, or nothing. */
const pastDay = (nowMs: number) =>
  typedDay.refine(
    (text) => !(dayMs(text) > dayMs(dayText(new Date(nowMs).toISOString()))),
    probesSays.dayThatHasBeen,
  );

const papers = (nowMs: number) => ({
  bought: probeField({
    label: probesSays.boughtOn,
    day: true,
    schema: pastDay(nowMs),
    from: () => '',
    into: (typed, probe) => ({ ...probe, boughtAt: instantOf(typed) }),
  }),
  guarantee: probeField({
    label: probesSays.guaranteeUntil,
    day: true,
    schema: typedDay,
    from: () => '',
    into: (typed, probe) => ({ ...probe, guaranteeUntil: instantOf(typed) }),
  }),
  certificate: line<Probe>({
    label: probesSays.certificate,
    from: ({ certificate }) => certificate,
    into: (certificate, probe) => ({ ...probe, certificate }),
  }),
});

/** The form of a probe that is fitted on a pen with these sides. */
export const probeFields = (sides: readonly Side[], nowMs: number) => ({
  side: probeField({
    label: probesSays.whichSide,
    options: sides.map((value) => ({ value, label: QUANTITY_NAME[value] })),
    when: () => sides.length > 1,
    schema: z.enum(['ph', 'ec']),
    from: () => sides[0] ?? 'ph',
    into: (side, probe) => ({ ...probe, side }),
  }),
  fitted: probeField({
    label: probesSays.fittedOn,
    hint: probesSays.emptyToday,
    day: true,
    schema: pastDay(nowMs),
    from: () => '',
    // Fitted today means now, not noon.
    into: (typed, probe) =>
      typed === ''
        ? probe
        : { ...probe, fittedAt: new Date(Math.min(nowMs, dayMs(typed))).toISOString() },
  }),
  serial: line<Probe>({
    label: probesSays.itsNumber,
    from: ({ serial }) => serial,
    into: (serial, probe) => ({ ...probe, serial }),
  }),
  junction: line<Probe>({
    label: probesSays.junction,
    hint: probesSays.junctionHint,
    when: ({ side }) => side === 'ph',
    from: ({ junction }) => junction,
    into: (junction, probe) => ({ ...probe, junction: probe.side === 'ph' ? junction : '' }),
  }),
  connector: line<Probe>({
    label: probesSays.connector,
    from: ({ connector }) => connector,
    into: (connector, probe) => ({ ...probe, connector }),
  }),
  ...papers(nowMs),
});

type AllFields = ReturnType<typeof probeFields>;
export type ProbeIn = TypedIn<AllFields>;
export type ProbeOut = ReadOut<AllFields>;

/** What may be typed of a probe; each message stands at its field. */
export const probeFormSchema = (sides: readonly Side[], nowMs: number) =>
  schemaOf(probeFields(sides, nowMs)).refine(
    ({ bought, guarantee }) => !(dayMs(guarantee) < dayMs(bought)),
    { path: ['guarantee'], message: probesSays.endedBeforeBought },
  );

interface Fitted {
  readonly penId: PenId;
  readonly sides: readonly Side[];
  readonly nowMs: number;
}

/** A probe fitted now, of which nothing else is known. */
const newProbe = ({ penId, sides, nowMs }: Fitted): Probe => ({
  penId,
  side: sides[0] ?? 'ph',
  fittedAt: new Date(nowMs).toISOString(),
  serial: '',
  junction: '',
  connector: '',
  certificate: '',
  note: '',
});

/** The form as it opens. */
export const probeDefaults = (fitted: Fitted): ProbeIn =>
  openedWith(probeFields(fitted.sides, fitted.nowMs), newProbe(fitted));

/** The probe the form stands for. */
export const probeOf = (typed: ProbeOut, fitted: Fitted): Probe =>
  takenInto(probeFields(fitted.sides, fitted.nowMs), typed, newProbe(fitted));
