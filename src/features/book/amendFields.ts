import { celsiusFrom, litresFrom, temperatureFromCelsius, volumeFromLitres } from '@/core/units';
import type { Addition, CareEvent, Kind, Reading } from '@/records/kinds';
import { parseDecimal, parseMoment, SCALE_LABEL, writeMoment, type Formats } from '@/words';

/** A field of an entry that can be amended. */
export interface AmendField {
  readonly name: string;
  readonly label: string;
  readonly unit?: string;
  readonly typed: string;
  readonly numeric: boolean;
}

type Amendable = Reading | Addition | CareEvent;

/** Kinds whose values can be amended here. */
export const AMENDABLE: readonly Kind[] = ['reading', 'addition', 'careEvent'];

/** The field that tells when it was, of each kind. */
const WHEN: Partial<Record<Kind, string>> = { reading: 'takenAt', addition: 'at', careEvent: 'at' };

/** What can be amended of an entry, as it stands. */
export function amendFields(kind: Kind, body: Amendable, formats: Formats): AmendField[] {
  const when = (body as unknown as Record<string, string>)[WHEN[kind] ?? 'at'] ?? '';
  const field = (name: string, label: string, value: number | undefined, unit?: string) =>
    value === undefined
      ? []
      : [{ name, label, typed: String(value), numeric: true, ...(unit ? { unit } : {}) }];
  const { tempUnit, volumeUnit } = formats.settings;
  const values =
    'takenAt' in body
      ? [
          ...field('ph', 'pH shown', body.ph?.shown),
          ...field('ec', 'EC shown', body.ec?.shown, body.ec && SCALE_LABEL[body.ec.scale]),
          ...field(
            'temp',
            'Temperature',
            body.tempC === undefined
              ? undefined
              : Number(temperatureFromCelsius(body.tempC, tempUnit).toFixed(2)),
            tempUnit,
          ),
        ]
      : 'tankId' in body
        ? [
            ...field('doseMl', 'Poured', body.doseMl, 'mL'),
            ...field('doseG', 'Poured', body.doseG, 'g'),
            ...field(
              'water',
              'Water',
              body.waterL === undefined
                ? undefined
                : Number(volumeFromLitres(body.waterL, volumeUnit).toFixed(2)),
              volumeUnit,
            ),
          ]
        : [];
  return [
    ...values,
    { name: 'when', label: 'When', typed: writeMoment(Date.parse(when)), numeric: false },
    { name: 'note', label: 'Note', typed: body.note, numeric: false },
  ];
}

/** What is wrong with a field, by its name. */
export type AmendMessages = Readonly<Record<string, string>>;

interface Typed {
  readonly kind: Kind;
  readonly body: Amendable;
  readonly typed: Readonly<Record<string, string>>;
  readonly nowMs: number;
  readonly formats: Formats;
}

/** A number typed for a field; a message where it is none or cannot be. */
function numberOf(typed: string, low: number, high: number): number | string {
  const parsed = parseDecimal(typed);
  if (!parsed.ok) return 'A number, like 6.1.';
  if (parsed.value < low || parsed.value > high) return `From ${low} to ${high}.`;
  return parsed.value;
}

type Range = readonly [low: number, high: number];

/** What each field takes, as the records' schemas have it. */
const RANGE: Readonly<Record<string, Range>> = {
  ph: [0, 14],
  ec: [0, 200_000],
  doseMl: [0, 1_000_000],
  doseG: [0, 1_000_000],
  water: [0, 1_000_000],
};

const TEMP_RANGE: Readonly<Record<'°C' | '°F', Range>> = { '°C': [-5, 60], '°F': [23, 140] };

/** The amended entry, or what is wrong, field by field. Nothing is half taken. */
export function amendedBody({
  kind,
  body,
  typed,
  nowMs,
  formats,
}: Typed): { readonly body: Amendable } | { readonly messages: AmendMessages } {
  const messages: Record<string, string> = {};
  const values: Record<string, number> = {};
  for (const { name, numeric } of amendFields(kind, body, formats)) {
    if (!numeric) continue;
    const [low, high] = name === 'temp' ? TEMP_RANGE[formats.settings.tempUnit] : RANGE[name]!;
    const value = numberOf(typed[name] ?? '', low, high);
    if (typeof value === 'string') messages[name] = value;
    else values[name] = value;
  }
  const whenMs = parseMoment(typed.when ?? '');
  if (whenMs === undefined) messages.when = 'Like 2026-07-31 07:30.';
  else if (whenMs > nowMs) messages.when = 'That is still to come.';
  if ((typed.note ?? '').length > 4000) messages.note = 'At most 4000 letters.';
  if (Object.keys(messages).length > 0 || whenMs === undefined) return { messages };
  const at = new Date(whenMs).toISOString();
  const note = typed.note ?? '';
  const { tempUnit, volumeUnit } = formats.settings;
  if ('takenAt' in body) {
    const { ph, ec } = body;
    const sides = {
      ...(ph && values.ph !== undefined ? { ph: { ...ph, shown: values.ph } } : {}),
      ...(ec && values.ec !== undefined ? { ec: { ...ec, shown: values.ec } } : {}),
      ...(values.temp === undefined ? {} : { tempC: celsiusFrom(values.temp, tempUnit) }),
    };
    return { body: { ...body, ...sides, takenAt: at, note } };
  }
  if (!('tankId' in body)) return { body: { ...body, at, note } };
  // What was promised, and how much acid it was, belonged to the amount that was wrong.
  const scale = (before: number | undefined, now: number | undefined) =>
    before && now !== undefined && body.acidMmol !== undefined
      ? { acidMmol: (body.acidMmol * now) / before }
      : {};
  return {
    body: {
      ...body,
      ...(values.doseMl === undefined
        ? {}
        : { doseMl: values.doseMl, ...scale(body.doseMl, values.doseMl) }),
      ...(values.doseG === undefined
        ? {}
        : { doseG: values.doseG, ...scale(body.doseG, values.doseG) }),
      ...(values.water === undefined ? {} : { waterL: litresFrom(values.water, volumeUnit) }),
      at,
      note,
    },
  };
}
