import type { FoundNow } from '@/book/answers';
import {
  QUANTITIES,
  TOLERANCE,
  errorTolerance,
  type Leaflet,
  type Quantity,
  type Tolerance,
} from '@/core/calibration';
import { kindOfNominal, BUFFER_TOLERANCE_PH } from '@/core/buffers';
import {
  FACTORY_GAIN,
  ONE_POINT_GAIN,
  makePenTrack,
  sameOver,
  type PenCheck,
  type PenEvent,
  type PenTrack,
} from '@/core/drift';
import { checkOf, dipIn, repeatedDips, type AdjustedBy, type Cup } from '@/core/procedure';
import { laboratoryDip, ownRepeatStdU } from '@/core/readings';
import { ecMsPerCmFromDisplay } from '@/core/units';
import type { EcSide, Pen, PenId } from '@/records';
import { factsAt } from '@/records';
import { meanShown } from '@/records/kinds';
import type { BookState, LiveRecord } from './bookState';
import { disturbancesOf, probesMsOf } from './penCare';
import { CONTROLS_OF_PEN, monthSpan, SESSIONS_OF_SIDE, TELLING_OF_SIDE } from './partsOfBook';
import { firstUseOf } from './penUse';

/** A session with the moment it counts from: when it was finished. */
export interface TimedSession {
  readonly record: LiveRecord<'session'>;
  readonly atMs: number;
}

/** A pen's sessions on one side, by time. */
export function sessionsOf(
  book: BookState,
  penId: PenId,
  quantity: Quantity,
): readonly TimedSession[] {
  return book.remember(`sessions/${penId}/${quantity}`, () =>
    book
      .part(SESSIONS_OF_SIDE, `${quantity}/${penId}`)
      .map((record) => ({ record, atMs: Date.parse(record.body.finishedAt) })),
  );
}

/** What differs between the sides of a pen, in the units of their models. */
interface SideFacts {
  readonly by: AdjustedBy;
  readonly hasAtc: boolean;
  /** Maker's accuracy: pH; not used for EC. */
  readonly accuracy: number;
  /** One digit: pH, or relative at its standard. */
  readonly digit: number;
  /** What its leaflet allows, in the same unit. */
  readonly leaflet?: Leaflet | undefined;
}

/** What a leaflet allows in the standard, as a share of it. */
function relativeLeaflet({ below, above }: Leaflet, { scale, standardMsPerCm }: EcSide): Leaflet {
  const share = (shown: number) => ecMsPerCmFromDisplay(shown, scale) / standardMsPerCm;
  return { below: share(below), above: share(above) };
}

const SIDE_FACTS: Readonly<Record<Quantity, (pen: Pen) => SideFacts | undefined>> = {
  ph: ({ ph }) =>
    ph
      ? {
          by: ph.press.by,
          hasAtc: ph.hasAtc,
          accuracy: ph.accuracyPh,
          digit: ph.resolutionPh,
          leaflet: ph.leaflet,
        }
      : undefined,
  ec: ({ ec }) =>
    ec
      ? {
          by: ec.press.by,
          hasAtc: ec.compensation !== null,
          accuracy: 0,
          digit: ecMsPerCmFromDisplay(ec.resolution, ec.scale) / ec.standardMsPerCm,
          leaflet: ec.leaflet && relativeLeaflet(ec.leaflet, ec),
        }
      : undefined,
};

/** How far off a side may be by its pen's policy, never narrower than its digit. */
export function sideTolerance({ body }: { readonly body: Pen }, quantity: Quantity): Tolerance {
  const facts = SIDE_FACTS[quantity](body);
  const digit = facts?.digit ?? TOLERANCE[quantity][body.tolerancePolicy];
  return errorTolerance(quantity, facts?.leaflet ?? body.tolerancePolicy, digit);
}

/** What is supposed of a pH gain before any check. */
function startGain({ ph, papers }: Pen) {
  if (!ph) return undefined;
  if (ph.cupsPh.length < 2 || ph.press.by === 'screw') return ONE_POINT_GAIN;
  return papers?.adjustedOn ? FACTORY_GAIN : undefined;
}

/** The check of a sitting, finished or under way. */
function sittingCheck(
  facts: SideFacts,
  { plan, events, afterCleaning, atMs }: Omit<FoundNow, 'quantity'>,
): PenCheck | undefined {
  const { by, hasAtc } = facts;
  return checkOf({ plan, events, atMs, afterCleaning, hasAtc, by });
}

/** A reading of the check standard as a quick check in a bottle of its own. */
function controlChecks(book: BookState, penId: PenId, facts: SideFacts, pen: Pen): PenCheck[] {
  return book.part(CONTROLS_OF_PEN, penId).flatMap(({ body }) => {
    const kind = kindOfNominal(body.nominalPh);
    if (!kind || !pen.ph) return [];
    const { nominalPh, tempC } = body;
    const cup: Cup = {
      id: 'control',
      quantity: 'ph',
      buffer: { kind, nominalPh },
      tolerancePh: BUFFER_TOLERANCE_PH,
      lotId: `control/${body.lotId ?? nominalPh}`,
    };
    const dip = dipIn(
      { plan: { tempC, resolution: pen.ph.resolutionPh }, hasAtc: facts.hasAtc },
      cup,
      body,
    );
    if (!dip.ok || !dip.value.lot) return [];
    const lot = { ...dip.value.lot, value: `control/${nominalPh}` };
    const found = [{ ...dip.value, lot }];
    const atMs = Date.parse(body.at);
    return [{ kind: 'check', atMs, found, left: [], afterCleaning: false, cupsTempC: tempC }];
  });
}

/** Readings of a pen's side that tell more than a value. */
const tellingReadings = (book: BookState, penId: PenId, quantity: Quantity) =>
  book.part(TELLING_OF_SIDE, `${quantity}/${penId}`);

/** A laboratory's value of a sample that the pen read, as a dip. */
function laboratoryCheck(
  book: BookState,
  { body }: LiveRecord<'reading'>,
  pen: Pen,
): Partial<Record<Quantity, PenCheck>> {
  const { lab, ph, ec, tempC } = body;
  const atMs = Date.parse(body.takenAt);
  const check = (dip: ReturnType<typeof laboratoryDip>): PenCheck | undefined =>
    dip && { kind: 'check', atMs, found: [dip], left: [], afterCleaning: false };
  const tank = book.record('tank', body.tankId);
  const held = tank && (factsAt(tank.revisions, atMs) ?? tank.body);
  return {
    ph:
      lab?.ph !== undefined && ph && pen.ph
        ? check(laboratoryDip({ quantity: 'ph', shown: meanShown(ph), tempC, pen: pen.ph }, lab.ph))
        : undefined,
    ec:
      lab?.ecMsPerCm !== undefined && ec && pen.ec && held
        ? check(
            laboratoryDip(
              {
                quantity: 'ec',
                shown: meanShown(ec),
                tempC,
                pen: { ...pen.ec, scale: ec.scale },
                feedAlphaPerC: held.alphaPerC,
              },
              lab.ecMsPerCm,
            ),
          )
        : undefined,
  };
}

/** A pen's own scatter from everything it was dipped into more than once. */
export function repeatStdUOf(book: BookState, penId: PenId, quantity: Quantity): number {
  return book.remember(`repeat/${penId}/${quantity}`, () => {
    const scaled = (dips: readonly number[]) =>
      quantity === 'ph' ? dips : dips.filter((dip) => dip > 0).map(Math.log);
    const readings = tellingReadings(book, penId, quantity).flatMap(({ body }) => {
      const side = body[quantity];
      return side?.repeats ? [scaled([side.shown, ...side.repeats])] : [];
    });
    const cups = sessionsOf(book, penId, quantity).flatMap(({ record }) =>
      repeatedDips(record.body.events).map(scaled),
    );
    return ownRepeatStdU(quantity, [...readings, ...cups]);
  });
}

/** Everything seen of one side of a pen, or done to it. */
function eventsOf(book: BookState, pen: LiveRecord<'pen'>, quantity: Quantity): PenEvent[] {
  const { id, body } = pen;
  const facts = SIDE_FACTS[quantity](body);
  if (!facts) return [];
  const sessions = sessionsOf(book, id, quantity).flatMap(({ record, atMs }) => {
    const check = sittingCheck(facts, { ...record.body, atMs });
    return check ? [check] : [];
  });
  const controls = quantity === 'ph' ? controlChecks(book, id, facts, body) : [];
  const labs = tellingReadings(book, id, quantity).flatMap((reading) => {
    const check = laboratoryCheck(book, reading, body)[quantity];
    return check ? [check] : [];
  });
  const moved = disturbancesOf(book, id, quantity);
  const probes = probesMsOf(book, id, quantity);
  return [
    ...sessions,
    ...controls,
    ...labs,
    ...moved.map((atMs) => ({ kind: 'disturbed' as const, atMs })),
    ...probes.map((atMs) => ({ kind: 'newProbe' as const, atMs })),
  ];
}

function trackWith(
  book: BookState,
  pen: LiveRecord<'pen'>,
  { quantity, more }: { readonly quantity: Quantity; readonly more: readonly PenEvent[] },
): PenTrack {
  return makePenTrack({
    quantity,
    accuracy: SIDE_FACTS[quantity](pen.body)?.accuracy ?? 0,
    startGain: quantity === 'ph' ? startGain(pen.body) : undefined,
    repeatStdU: repeatStdUOf(book, pen.id, quantity),
    firstUseMs: firstUseOf(book, pen.id, quantity),
    events: [...eventsOf(book, pen, quantity), ...more],
  });
}

/** One side of a pen through time: the basis of every correction. Undefined without such a side. */
export function trackOf(book: BookState, penId: PenId, quantity: Quantity): PenTrack | undefined {
  return book.remember(`track/${penId}/${quantity}`, () => {
    const pen = book.record('pen', penId);
    return pen?.body[quantity] ? trackWith(book, pen, { quantity, more: [] }) : undefined;
  });
}

/** How far a state may move before what was worked out with it is worked out anew: this share of a digit. */
const DIGIT_SHARE = 0.1;

/**
 * A side as it stands for one month (`2026-11`): the same track as before where nothing in that month
 * moved by a tenth of a digit, so that a check today leaves the readings of other years alone.
 */
export function trackOver(
  book: BookState,
  of: { readonly penId: PenId; readonly quantity: Quantity },
  month: string,
): PenTrack | undefined {
  const { penId, quantity } = of;
  return book.remember(
    `track/${penId}/${quantity}/${month}`,
    () => trackOf(book, penId, quantity),
    {
      same: (a, b) => {
        const pen = book.record('pen', penId)?.body;
        const within = DIGIT_SHARE * ((pen && SIDE_FACTS[quantity](pen)?.digit) ?? 0);
        if (a === b || !a || !b || book.exact) return a === b;
        return sameOver(a, b, { ...monthSpan(month), within });
      },
    },
  );
}

/** The same with a check under way, before it is in the book. */
export function trackWithFound(
  book: BookState,
  penId: PenId,
  found: FoundNow,
): PenTrack | undefined {
  const { quantity } = found.plan;
  const pen = book.record('pen', penId);
  const facts = pen && SIDE_FACTS[quantity](pen.body);
  const check = facts && sittingCheck(facts, found);
  return check ? trackWith(book, pen, { quantity, more: [check] }) : trackOf(book, penId, quantity);
}

/** Both sides that a pen has. */
export const sidesOf = ({ body }: { readonly body: Pen }): readonly Quantity[] =>
  QUANTITIES.filter((quantity) => body[quantity] !== null);
