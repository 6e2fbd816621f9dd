import fc from 'fast-check';
import golden from './bufferPhAt.golden.json';
import {
  BUFFER_FAMILIES,
  bufferPhAt,
  bufferSlopePhPerC,
  kindOfNominal,
  recogniseBuffer,
  type BufferKind,
  type BufferReference,
} from './index';

const kinds = [
  ...new Set(
    Object.values(BUFFER_FAMILIES)
      .flat()
      .map((member) => member.kind),
  ),
];
const buffer = (kind: BufferKind, nominalPh = 7): BufferReference => ({ kind, nominalPh });

describe('buffers against temperature', () => {
  test.each(golden.rows)('$kind at $tempC °C is $ph', ({ kind, nominalPh, tempC, ph }) => {
    const result = bufferPhAt({ kind: kind as BufferKind, nominalPh }, tempC);
    expect(result.ok && Math.abs(result.value - ph)).toBeLessThanOrEqual(0.002);
  });

  test('between knots a value lies between its neighbours, for every buffer', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...kinds),
        fc.double({ min: 0, max: 49, noNaN: true }),
        (kind, tempC) => {
          const knotC = Math.floor(tempC / 5) * 5;
          const values = [knotC, tempC, knotC + 5].map((t) => bufferPhAt(buffer(kind), t));
          const [low, mid, high] = values.map((v) => (v.ok ? v.value : NaN)) as [
            number,
            number,
            number,
          ];
          expect(mid).toBeGreaterThanOrEqual(Math.min(low, high) - 1e-12);
          expect(mid).toBeLessThanOrEqual(Math.max(low, high) + 1e-12);
        },
      ),
    );
  });

  test('outside 0–50 °C it refuses with the limits', () => {
    const result = bufferPhAt(buffer('borax-9.18'), 51);
    expect(result).toEqual({
      ok: false,
      refusal: { reason: 'outOfRange', quantity: 'tempC', value: 51, min: 0, max: 50 },
    });
    expect(() => bufferPhAt(buffer('borax-9.18'), NaN)).toThrow(RangeError);
  });

  test("a label's own table rules, and only over its own span", () => {
    const labelTable = [
      { tempC: 10, value: 7.07 },
      { tempC: 20, value: 7.03 },
    ];
    const lot: BufferReference = { kind: 'technical-7.00', nominalPh: 7, labelTable };
    expect(bufferPhAt(lot, 15)).toEqual({ ok: true, value: expect.closeTo(7.05, 9) });
    expect(bufferPhAt(lot, 25).ok).toBe(false);
  });

  test('borax falls about 0.01 pH per °C near 15, phthalate hardly moves', () => {
    expect(bufferSlopePhPerC(buffer('borax-9.18'), 15)).toBeCloseTo(-0.0107, 3);
    expect(Math.abs(bufferSlopePhPerC(buffer('phthalate-4.01'), 15))).toBeLessThan(0.001);
    expect(bufferSlopePhPerC(buffer('borax-9.18'), 50)).toBeLessThan(0);
  });
});

describe('recognition', () => {
  test('a value near a member is that member', () => {
    expect(recogniseBuffer(6.6, 'technical')).toMatchObject({
      kind: 'recognised',
      member: { nominalPh: 7 },
    });
    expect(recogniseBuffer(4.4, 'sachet')).toMatchObject({ member: { nominalPh: 4 } });
  });

  test('near a midpoint it is ambiguous, far from all it is unrecognised', () => {
    expect(recogniseBuffer(5.5, 'technical').kind).toBe('ambiguous');
    expect(recogniseBuffer(5.9, 'technical')).toMatchObject({ kind: 'unrecognised' });
    expect(recogniseBuffer(2.5, 'sachet')).toMatchObject({ nearest: { nominalPh: 4 } });
  });

  test('a nominal value names its recipe', () => {
    expect(kindOfNominal(7.01)).toBe('technical-7.00');
    expect(kindOfNominal(6.86)).toBe('phosphate-6.86');
    expect(kindOfNominal(5.5)).toBeUndefined();
  });
});
