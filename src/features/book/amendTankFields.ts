import { litresFrom, volumeFromLitres } from '@/core/units';
import type { Addition, JarTest, Lot, Reading } from '@/records/kinds';
import { SAMPLE_NAME, SCALE_LABEL } from '@/words';
import { factSays } from '@/words/book/facts';
import { amendSays } from '@/words/book/amend';
import type { AmendField } from './amendField';
import {
  among,
  AMOUNT,
  at,
  moment,
  note,
  number,
  PH,
  round,
  temperature,
  text,
  type AmendAbout,
} from './amendParts';
import type { TankId } from '@/records';

function side(quantity: 'ph' | 'ec', body: Reading, { names }: AmendAbout): AmendField<Reading>[] {
  const read = body[quantity];
  if (!read) return [];
  const isPh = quantity === 'ph';
  const unit = body.ec && !isPh ? SCALE_LABEL[body.ec.scale] : undefined;
  const pens = names.pens.filter(({ sides }) => sides.includes(quantity));
  return [
    {
      name: quantity,
      label: isPh ? amendSays.phShown : amendSays.ecShown,
      ...(unit ? { unit } : {}),
      typed: String(read.shown),
      takes: isPh ? PH : { as: 'number', low: 0, high: 200_000 },
      put: (was, value: number) => ({ ...was, [quantity]: { ...was[quantity]!, shown: value } }),
    },
    {
      name: `${quantity}Pen`,
      label: isPh ? amendSays.phPen : amendSays.ecPen,
      typed: read.penId,
      takes: among(pens, read.penId),
      put: (was, value: string) => ({ ...was, [quantity]: { ...was[quantity]!, penId: value } }),
    },
  ];
}

/** Of which tank, or place. */
const tank = <B extends { tankId: TankId }>(body: B, { names }: AmendAbout): AmendField<B> => ({
  name: 'tank',
  label: amendSays.tank,
  typed: body.tankId,
  takes: among(names.tanks, body.tankId),
  put: (was, value: string) => ({ ...was, tankId: value }),
});

/** Fields of a reading. */
export function ofReading(body: Reading, about: AmendAbout): AmendField<Reading>[] {
  return [
    ...side('ph', body, about),
    ...side('ec', body, about),
    ...temperature<Reading>(body.tempC, about, {
      label: amendSays.temperature,
      put: (was, tempC) => ({ ...was, tempC }),
    }),
    tank(body, about),
    {
      name: 'sample',
      label: amendSays.sample,
      typed: body.sampleKind,
      takes: {
        as: 'choice',
        options: Object.entries(SAMPLE_NAME).map(([value, label]) => ({ value, label })),
      },
      put: (was, value: Reading['sampleKind']) => ({ ...was, sampleKind: value }),
    },
    {
      name: 'when',
      label: amendSays.when,
      typed: moment(body.takenAt),
      takes: { as: 'moment' },
      put: (was, value: string) => ({ ...was, takenAt: value }),
    },
    note(body),
  ];
}

/** An amount poured; how much acid it was belonged to the amount that was wrong. */
function amount(
  name: 'doseMl' | 'doseG',
  unit: string,
  { [name]: before }: Addition,
): AmendField<Addition>[] {
  if (before === undefined) return [];
  return [
    {
      name,
      label: amendSays.poured,
      unit,
      typed: String(before),
      takes: AMOUNT,
      put: (was, value: number) => ({
        ...was,
        [name]: value,
        ...(before && was.acidMmol !== undefined
          ? { acidMmol: (was.acidMmol * value) / before }
          : {}),
      }),
    },
  ];
}

/** Fields of what was poured. */
export function ofAddition(body: Addition, about: AmendAbout): AmendField<Addition>[] {
  const unit = about.formats.settings.volumeUnit;
  const water: AmendField<Addition>[] =
    body.waterL === undefined
      ? []
      : [
          {
            name: 'water',
            label: amendSays.water,
            unit,
            typed: round(volumeFromLitres(body.waterL, unit)),
            takes: AMOUNT,
            put: (was, value: number) => ({ ...was, waterL: litresFrom(value, unit) }),
          },
        ];
  return [
    ...amount('doseMl', 'mL', body),
    ...amount('doseG', 'g', body),
    ...water,
    tank(body, about),
    at(body),
    note(body),
  ];
}

/** Fields of a jar test. */
export function ofJar(body: JarTest): AmendField<JarTest>[] {
  const point = (index: number, change: Partial<JarTest['points'][number]>) => (was: JarTest) => ({
    ...was,
    points: was.points.map((one, where) => (where === index ? { ...one, ...change } : one)),
  });
  return [
    ...body.points.flatMap(({ drops, ph }, index): AmendField<JarTest>[] => [
      {
        name: `drops${index}`,
        label: amendSays.drops(index + 1),
        typed: String(drops),
        takes: { as: 'number', low: 0, high: 10_000 },
        put: (was, value: number) => point(index, { drops: value })(was),
      },
      {
        name: `ph${index}`,
        label: amendSays.dropsPh(index + 1),
        typed: String(ph),
        takes: PH,
        put: (was, value: number) => point(index, { ph: value })(was),
      },
    ]),
    {
      name: 'sample',
      label: amendSays.sampleL,
      unit: 'mL',
      typed: round(1000 * body.sampleL),
      takes: { as: 'number', low: 1, high: 100_000 },
      put: (was, value: number) => ({ ...was, sampleL: value / 1000 }),
    },
    at(body),
    note(body),
  ];
}

/** Fields of a lot. */
export function ofLot(body: Lot): AmendField<Lot>[] {
  const unit = body.form === 'sachet' ? factSays.sachets : 'mL';
  return [
    text('lotCode', amendSays.lotCode, body.lotCode),
    ...(body.nominal === undefined
      ? []
      : [
          number<Lot>('nominal', amendSays.nominal, {
            value: body.nominal,
            unit: body.kind === 'ecStandard' ? 'mS/cm' : 'pH',
            high: 50,
          }),
        ]),
    ...(body.left === undefined
      ? []
      : [
          number<Lot>('left', amendSays.left, {
            value: body.left,
            high: 1_000_000,
            ...(unit ? { unit } : {}),
          }),
        ]),
    ...(body.expiresAt
      ? [
          {
            name: 'expires',
            label: amendSays.expires,
            typed: moment(body.expiresAt),
            takes: { as: 'moment', ahead: true },
            put: (was: Lot, value: string) => ({ ...was, expiresAt: value }),
          } as AmendField<Lot>,
        ]
      : []),
    note(body),
  ];
}
