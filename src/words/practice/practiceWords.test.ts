import { practiceOf, rightWay, SLIPS, type Cost } from '@/core/practice';
import { act, displayOf, type World } from '@/core/simulated-pen';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { actWords } from './actWords';
import { displaySentence } from './benchWords';
import { costLines, outcomeLines } from './costWords';
import { resultHeads, resultRow } from './resultWords';

const formats = makeFormats(DEFAULT_FORMATS);
const NOTHING: Cost = {
  kind: 'unrinsed',
  times: 1,
  errorPh: 0,
  errorEcRel: 0,
  wornDays: 0,
  bufferMl: 0,
  productMl: 0,
  tankOffPh: 0,
  unknownPh: 0,
  minutes: 0,
};

test('a cost is told in its own units, each part once', () => {
  const { lines, isNothing } = costLines(
    { ...NOTHING, errorPh: 0.163, wornDays: 1.2, bufferMl: 20, minutes: 1 },
    formats,
  );
  expect(isNothing).toBe(false);
  expect(lines).toEqual([
    'Every reading near pH 6 is 0.16 pH further off.',
    'The probe lost 1 day of its life.',
    '20 mL of buffer more.',
    '1 minute more.',
  ]);
});

test('what cost nothing is said to have cost nothing, luck as luck', () => {
  expect(costLines(NOTHING, formats)).toEqual({
    lines: ['This time it cost nothing that can be seen.'],
    isNothing: true,
  });
  const lucky = costLines({ ...NOTHING, errorPh: -0.012 }, formats);
  expect(lucky.isNothing).toBe(true);
  expect(lucky.lines[0]).toContain('by chance the pen ended 0.01 pH nearer');
});

test('the end says high or low, and right where it is right', () => {
  const end = { wornDays: 0, bufferMl: 40, productMl: 0, tankOffPh: 0, unknownPh: 0, minutes: 12 };
  expect(outcomeLines({ ...end, errorPh: 0.194 }, formats)[0]).toBe(
    'A day later the pen reads 0.19 pH high at pH 6.',
  );
  expect(outcomeLines({ ...end, errorPh: -0.004 }, formats)[0]).toContain('to the hundredth');
  expect(outcomeLines({ ...end, errorEcRel: -0.1 }, formats)[0]).toContain('10.0 % low');
  expect(outcomeLines({ ...end, minutes: 1450 }, formats).at(-1)).toContain('24 hours');
});

/** Tasks that together do everything a hand can do. */
const SHOWN = [
  'newPen',
  'sachets',
  'twoDials',
  'greasyCell',
  'expired',
  'chasing',
  'oldSlow',
] as const;

test('everything that is done in any task has its line, with unit and without a code word', () => {
  for (const id of SHOWN) {
    const practice = practiceOf(id, 3);
    for (const acts of [rightWay(practice), SLIPS[id].acts(practice)]) {
      let world: World = practice.start;
      for (const one of acts) {
        world = act(world, one);
        const line = actWords(one, world, formats);
        expect(line).toMatch(/^[A-Z0-9]/);
        expect(line).not.toMatch(/undefined|NaN|ec2|tapOff/);
      }
      expect(displaySentence(displayOf(world), '7.00 pH')).toMatch(/^The pen /);
    }
  }
});

test('a row of the results has a value for each head', () => {
  const row = resultRow(
    {
      practice: 'tooEarly',
      endedAtMs: Date.UTC(2026, 0, 2, 3, 4, 5),
      by: 'NW',
      minutes: 7.26,
      mistakes: ['wiped'],
      errorPh: -0.0312,
      tankOffPh: 0,
      wornDays: 2,
      bufferMl: 40,
    },
    { name: 'Not too early', mistakeName: () => 'Wiped the bulb' },
  );
  expect(row).toHaveLength(resultHeads.length);
  expect(row.slice(0, 3)).toEqual(['2026-01-02T03:04:05.000Z', 'NW', 'Not too early']);
  expect(row[7]).toBe('-0.031');
  expect(row[8]).toBe('');
});
