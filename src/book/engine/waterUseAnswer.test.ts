import { pourDose, savePen, saveTank, takeReading } from '@/acts';
import { plainTank } from '@/records/testing/plainTank';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { waterUseAnswer } from './waterUseAnswer';
import { diary } from './testing/diary';

const DAY_MS = 86_400_000;
const profile = GENERIC_PROFILES.find(({ id }) => id === 'combination')!;

/** A tank of 100 L whose plants drink 5 L a day, read daily, watered on day 4. */
function glasshouse(saltFalls: boolean) {
  const { book, did } = diary();
  const pen = penFromProfile(profile, { code: 'P1', name: 'Pen' });
  const penId = did(0, savePen(undefined, { ...pen, ph: { ...pen.ph!, accuracyPh: 0.02 } }));
  const tank = plainTank('Basil', { phBand: { low: 5, high: 7 } });
  const tankId = did(0, saveTank(undefined, tank));
  const at = (day: number) => new Date(day * DAY_MS).toISOString();
  let volumeL = 100;
  let salt = 150;
  for (let day = 1; day <= 8; day += 1) {
    const reading = {
      tankId,
      sampleKind: 'tank' as const,
      takenAt: at(day),
      tempC: 25,
      volumeL,
      ph: { shown: 5.5 + 0.04 * day, penId },
      ec: { shown: salt / volumeL, scale: 'mS/cm' as const, penId },
      note: '',
    };
    did(day, takeReading(reading));
    if (day === 4) {
      const poured = { tankId, at: at(4.1), what: 'water' as const, productName: '', waterL: 15 };
      did(4, pourDose({ ...poured, note: '' }, '5 mL'));
      volumeL += 15;
    }
    volumeL -= 5;
    if (saltFalls) salt -= 20;
  }
  return { book, tankId };
}

test('five litres a day with the top-up counted in; salts that stay let EC climb', () => {
  const { book, tankId } = glasshouse(false);
  const { use } = waterUseAnswer(book, tankId, 9 * DAY_MS);
  expect(use?.waterLPerDay).toBeCloseTo(5, 6);
  expect(use?.saltPerDay).toBeCloseTo(0, 6);
  expect(use?.faster).toBe('water');
});

test('salts that go faster are told so; the pH by itself leaves out the day something was poured', () => {
  const { book, tankId } = glasshouse(true);
  const { use, phPerDay } = waterUseAnswer(book, tankId, 9 * DAY_MS);
  expect(use?.faster).toBe('salts');
  expect(use?.saltPerDay).toBeCloseTo(20, 6);
  expect(phPerDay?.value).toBeCloseTo(0.04, 1);
});
