import { saveWater } from '@/acts';
import { doseAnswer, dosePlanAnswer } from './doseAnswer';
import { DAY_MS } from './testing/diary';
import { HOUR_MS, hourly } from './testing/hourly';

describe('what is believed of a tank', () => {
  const nowMs = 5 * DAY_MS;
  const minutes = (hour: number, more: number) => hour + more / 60;
  /** Each morning: read, dosed with 20 meq, read twice when mixed; on the last one as told. */
  const dosed = (lastReads: readonly [number, number] = [6.6, 6.61]) => {
    const made = hourly();
    const { check } = made;
    check(0);
    const doses = [1, 2, 3].map((day) => {
      const hour = 24 * day;
      made.read(hour, { ph: 7, ec: 1.6 });
      const reads = day === 3 ? lastReads : [6.6, 6.61];
      const rereadAt = made.at(minutes(hour, 40));
      const id = made.pour(minutes(hour, 10), { what: 'acid', doseMl: 5, acidMmol: 20, rereadAt });
      made.read(minutes(hour, 41), { ph: reads[0]!, ec: 1.6 });
      made.read(minutes(hour, 47), { ph: reads[1]!, ec: 1.6 });
      return id;
    });
    return { ...made, doses };
  };

  test('what happened each day is carried to the next: the factor is known better', () => {
    const one = hourly();
    one.check(0);
    one.read(72, { ph: 7, ec: 1.6 });
    const alone = doseAnswer(one.book, one.tankId, nowMs)!.believed!;
    const { book, tankId } = dosed();
    const { believed, outcomes, second } = doseAnswer(book, tankId, nowMs)!;
    expect(believed).toMatchObject({ kind: 'inUse', dosesRead: 1 });
    const width = ({ low, high }: { low: number; high: number }) => Math.log(high / low);
    expect(width(believed!.factor!)).toBeLessThan(0.8 * width(alone.factor!));
    expect(outcomes).toHaveLength(1);
    expect(outcomes[0]).toMatchObject({ left: undefined, lone: false });
    expect(outcomes[0]!.expected!.lowPh).toBeLessThan(outcomes[0]!.readPh!);
    expect(second).toBeUndefined();
  });

  test('two readings that do not agree ask for another; while mixing they teach nothing', () => {
    const { book, tankId } = dosed([6.8, 6.6]);
    expect(doseAnswer(book, tankId, nowMs)).toMatchObject({
      second: { why: 'afterDose', firstPh: expect.closeTo(6.6, 1) },
      outcomes: [{ lone: true }],
    });
    const { book: other, tankId: id, read, pour, at, check } = hourly();
    check(0);
    read(24, { ph: 7, ec: 1.6 });
    pour(24.1, { what: 'acid', doseMl: 5, acidMmol: 20, rereadAt: at(24.6) });
    read(24.3, { ph: 6.5, ec: 1.6 });
    expect(doseAnswer(other, id, nowMs)).toMatchObject({
      outcomes: [{ left: 'whileMixing', readPh: expect.closeTo(6.5, 1) }],
      lastDose: { what: 'acid' },
      // Nothing is planned on what was read before it had mixed, however long ago that is now.
      second: { why: 'notRead', notBeforeMs: 24.6 * HOUR_MS },
    });
    const wish = { productId: 'nitric-38', chasingAccepted: false, neverChanged: false };
    const asked = { tankId: id, wish, nowMs: 26 * HOUR_MS };
    expect(dosePlanAnswer(other, asked)!.plan).toMatchObject({
      refusal: { reason: 'secondReading', why: 'notRead' },
    });
    read(25, { ph: 6.8, ec: 1.6 });
    read(25.1, { ph: 6.6, ec: 1.6 });
    read(25.2, { ph: 6.8, ec: 1.6 });
    // The first and the last are alike, but it moved between them.
    expect(doseAnswer(other, id, nowMs)).toMatchObject({ second: { why: 'afterDose' } });
    read(25.3, { ph: 6.8, ec: 1.6 });
    expect(doseAnswer(other, id, nowMs)?.second).toBeUndefined();
  });

  test('a dose left out by hand counts no more, and says so', () => {
    const { book, write, tankId, doses } = dosed();
    const body = { ...book.record('addition', doses[2]!)!.body, excluded: true };
    write(100, { kind: 'addition', recordId: doses[2]!, body });
    const { believed } = doseAnswer(book, tankId, nowMs)!;
    // What was read after it begins a session of its own.
    expect(believed?.dosesRead).toBe(1);
    expect(doseAnswer(book, tankId, nowMs)?.outcomes).toEqual([]);
  });

  test('a reset forgets what was before it', () => {
    const { book, write, tankId, at } = dosed();
    const before = doseAnswer(book, tankId, nowMs)!.believed!.factor!;
    const body = { ...book.record('tank', tankId)!.body, learnFrom: at(71) };
    write(100, { kind: 'tank', recordId: tankId, body });
    const after = doseAnswer(book, tankId, nowMs)!.believed!.factor!;
    expect(after.high / after.low).toBeGreaterThan(before.high / before.low);
  });

  test('a re-reading far from what was expected, twice, stops; what fits is taken in one act', () => {
    const { book, write, tankId, doses } = dosed([4.2, 4.21]);
    const wish = { productId: 'nitric-38', chasingAccepted: true, neverChanged: false };
    const { contradiction } = doseAnswer(book, tankId, nowMs)!;
    expect(contradiction).toMatchObject({ dose: { id: doses[2] }, readPh: expect.closeTo(4.2, 1) });
    const koh = { ...wish, productId: 'koh-45' };
    expect(dosePlanAnswer(book, { tankId, wish: koh, nowMs })!.plan).toMatchObject({
      refusal: { reason: 'contradicted' },
    });
    const body = { ...book.record('addition', doses[2]!)!.body, tookWhatFits: true };
    write(100, { kind: 'addition', recordId: doses[2]!, body });
    expect(doseAnswer(book, tankId, nowMs)?.contradiction).toBeUndefined();
    expect(dosePlanAnswer(book, { tankId, wish: koh, nowMs })!.plan.ok).toBe(true);
  });

  test('a fill that its EC does not witness runs beside a tank that was never changed', () => {
    const wish = { productId: 'nitric-38', chasingAccepted: false, neverChanged: false };
    const filled = (ec: number) => {
      const made = hourly();
      made.check(0);
      const waterId = made.did(
        0,
        saveWater(undefined, {
          name: 'Town',
          basis: 'measured',
          ecMsPerCm: 0.6,
          alkalinityMmolPerL: 4.3,
          note: '',
        }),
      );
      const waters = [{ waterId, share: 1 }];
      made.pour(24, { what: 'change', waterL: 100, alkalinityMmolPerL: 4.3, waters });
      made.read(24.5, { ph: 7.4, ec });
      const answer = doseAnswer(made.book, made.tankId, nowMs)!;
      const input = { tankId: made.tankId, wish, nowMs };
      return { answer, plan: dosePlanAnswer(made.book, input)! };
    };
    const honest = filled(0.6);
    expect(honest.answer.believed).toMatchObject({ kind: 'fresh', unwitnessed: false });
    const doubted = filled(1.6);
    expect(doubted.answer.believed).toMatchObject({ unwitnessed: true });
    expect(doubted.answer.believed!.neverFilled).toBeGreaterThan(0.1);
    if (!honest.plan.plan.ok || !doubted.plan.plan.ok) throw new Error('no plan');
    expect(doubted.plan.plan.value.firstAmount).toBeLessThan(
      0.6 * honest.plan.plan.value.firstAmount,
    );
  });

  test('a jar test tells how much the feed resists, and how strong an unknown product is', () => {
    const tested = (productId: string, drops: readonly [number, number]) => {
      const made = hourly();
      made.check(0);
      made.read(24, { ph: 7, ec: 1.6 });
      const points = [
        { drops: 0, ph: 7 },
        { drops: drops[0], ph: 6.5 },
        { drops: drops[1], ph: 6 },
      ];
      const common = { tankId: made.tankId, productId, productName: 'x', penId: made.penId };
      const setUp = { sampleL: 1, dilution: 50, dropMl: 0.05, aimPh: 6, tankVolumeL: 100 };
      const body = { ...common, ...setUp, at: made.at(24.2), points, note: '' };
      made.write(25, { kind: 'jarTest', body });
      return made;
    };
    const factor = (drops: readonly [number, number]) => {
      const { book, tankId } = tested('nitric-38', drops);
      return doseAnswer(book, tankId, nowMs)!.believed!.factor!;
    };
    const [weak, strong] = [factor([10, 18]), factor([40, 75])];
    expect(strong.mean).toBeGreaterThan(2 * weak.mean);
    const wish = { productId: 'ph-down', chasingAccepted: false, neverChanged: false };
    const { book, tankId } = tested('ph-down', [40, 75]);
    const { strength } = dosePlanAnswer(book, { tankId, wish, nowMs })!;
    expect(strength!.high / strength!.low).toBeLessThan(20);
  });

  test('a product nobody knows is planned small, and its doses tell how strong it is', () => {
    const made = hourly();
    made.check(0);
    made.read(24, { ph: 7, ec: 1.6 });
    const wish = { productId: 'ph-down', chasingAccepted: false, neverChanged: false };
    const input = { tankId: made.tankId, wish, nowMs };
    const before = dosePlanAnswer(made.book, input)!;
    expect(before.strength).toMatchObject({ mean: expect.any(Number) });
    if (!before.plan.ok) throw new Error(before.plan.refusal.reason);
    expect(before.plan.value).toMatchObject({ unit: 'mL', acidMmol: undefined });
    const rereadAt = made.at(24.6);
    const common = { what: 'acid', productId: 'ph-down', doseMl: 4, rereadAt } as const;
    made.pour(24.1, common);
    made.read(24.7, { ph: 6.75, ec: 1.6 });
    made.read(24.8, { ph: 6.75, ec: 1.6 });
    const after = dosePlanAnswer(made.book, input)!.strength!;
    const { low, high } = before.strength!;
    expect(after.high / after.low).toBeLessThan(high / low);
  });
});

test('a recipe makes the feed surer: its factor is supposed at one, and a first dose is larger', () => {
  const first = (recipe?: { phosphorusMgPerL: number; atEcMsPerCm: number }) => {
    const { book, read, check, tankId } = hourly({ recipe });
    check(0);
    read(24, { ph: 7, ec: 1.6 });
    const wish = { productId: 'nitric-38', chasingAccepted: false, neverChanged: false };
    const { plan } = dosePlanAnswer(book, { tankId, wish, nowMs: 24.2 * HOUR_MS })!;
    const { believed } = doseAnswer(book, tankId, 24.2 * HOUR_MS)!;
    return { ml: plan.ok ? plan.value.firstAmount : NaN, factor: believed!.factor! };
  };
  // 0.5 mmol/L for each mS/cm is what is supposed anyway: 24.8 mg/L at 1.6.
  const [told, untold] = [first({ phosphorusMgPerL: 24.8, atEcMsPerCm: 1.6 }), first()];
  expect(told.factor.mean).toBeCloseTo(Math.exp(0.4 ** 2 / 2), 1);
  expect(untold.factor.mean).toBeCloseTo(0.6 * Math.exp(0.8 ** 2 / 2), 1);
  expect(told.ml).toBeGreaterThan(1.3 * untold.ml);
  // Twice the phosphorus takes about twice the acid.
  expect(first({ phosphorusMgPerL: 49.6, atEcMsPerCm: 1.6 }).ml).toBeGreaterThan(1.5 * told.ml);
});
