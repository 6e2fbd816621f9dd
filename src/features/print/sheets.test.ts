import type { EntryAnswer, LedgerRow, PenSheet } from '@/book/answers';
import { checkBody } from '@/records/testing/plainCheck';
import { DEFAULT_FORMATS, makeFormats } from '@/words';
import { checkSheet } from './checkSheet';
import { pensSheet } from './pensSheet';
import { tankSheet } from './tankSheet';
import type { Sheet } from './sheet';

const formats = makeFormats(DEFAULT_FORMATS);
const at = (day: number) => new Date(2026, 4, day, 7, 40).getTime();
const period = { fromMs: new Date(2023, 4, 20).getTime(), toMs: at(20) };
const plain = (text: string) => text.replaceAll(' ', ' ');
/** A document as its words, row by row. */
const words = ({ blocks }: Sheet) =>
  blocks.flatMap((block) => {
    if (block.kind === 'table')
      return block.rows.length === 0
        ? [`${block.caption}: ${block.empty}`]
        : [block.caption, ...block.rows.map((cells) => plain(cells.join(' | ')))];
    if (block.kind === 'facts')
      return block.facts.map(({ label, value }) => plain(`${label}: ${value}`));
    return [block.text];
  });

const body = {
  ...checkBody('P', at(6), { in7: 7.12, in4: 4.09, adjusted: true }),
  afterCleaning: true,
};
const cups = body.plan.cups.map((cup, place) => (place === 0 ? { ...cup, lotId: 'L' } : cup));
const check = { ...body, plan: { ...body.plan, cups }, pastDateLots: ['L'] };
const about = {
  code: 'P4',
  name: 'Trim screw',
  serial: 'KG-004',
  lots: { L: { lotCode: 'A-3902', expiresAt: new Date(2026, 3, 1).toISOString() } },
};
const pen = (more: Partial<PenSheet> = {}): PenSheet => ({
  id: 'P',
  code: 'P4',
  name: 'Trim screw',
  serial: 'KG-004',
  probes: [{ side: 'ph', serial: 'E-9', fittedAtMs: at(1) }],
  checks: [{ id: 'c', body: check, about, by: 'LV', zone: 'UTC', amended: [] }],
  care: [
    {
      atMs: at(6),
      by: 'JB',
      body: { penId: 'P', side: 'ph', what: 'clean', at: '', note: 'greasy' },
    },
  ],
  ...more,
});

test('one pen over a period: number, probe, lots with dates, found, left, verdict', () => {
  const sheet = pensSheet([pen()], period, formats);
  expect([sheet.title, sheet.about]).toEqual(['Checks of pen P4', '20 May 2023 to 20 May 2026']);
  expect(words(sheet)).toEqual([
    'Pen P4, Trim screw',
    'Device number: KG-004',
    'Probes: pH E-9, fitted 1 May 2026',
    'Checks of P4',
    '2026-05-06 07:40, LV | pH, 25.0 °C | 7.00: A-3902, good until 1 Apr 2026, past its date; 4.01: without a number | 7.00: 7.12 pH (0.12 pH high); 4.01: 4.09 pH (0.08 pH high) | 7.00: 7.00 pH (on target); 4.01: 4.01 pH (on target) | Adjusted, and within tolerance afterwards. | cleaned before it was read',
    'Care of P4',
    '2026-05-06 07:40, JB | cleaned | greasy',
  ]);
});

test('a check that was amended or voided says so, with who and why; it is never left out', () => {
  const amended = [
    { atMs: at(7), by: 'JB', why: 'typed 7.21', voided: false },
    { atMs: at(8), by: '', why: 'wrong pen', voided: true },
  ];
  const checks = [{ ...pen().checks[0]!, by: '', amended }];
  const [row] = words(pensSheet([pen({ checks })], period, formats)).filter((line) =>
    line.includes('nobody named'),
  );
  expect(row).toContain('Voided: counts no more.');
  expect(row).toContain('amended 7 May 2026 by JB: typed 7.21; voided 8 May 2026: wrong pen');
});

test('several pens, each with its own; one without checks says that it has none', () => {
  const bare = pen({ code: 'P5', serial: '', probes: [], checks: [], care: [] });
  const sheet = pensSheet([pen(), bare], period, formats);
  expect(sheet.title).toBe('Checks of 2 pens');
  expect(words(sheet).slice(-4)).toEqual([
    'Pen P5, Trim screw',
    'Device number: not written down',
    'Checks of P5: No check in this period.',
    'Care of P5: No care in this period.',
  ]);
});

describe('one check', () => {
  const version = (revId: string, day: number, told: unknown, why = '') => ({
    revId,
    atMs: at(day),
    zone: 'UTC',
    by: 'LV',
    why,
    body: told,
  });
  const entry = (versions: EntryAnswer['versions']): EntryAnswer => ({
    recordId: 'c',
    kind: 'session',
    versions,
    names: {},
    links: [],
    check: about,
  });

  test('its facts, every try, and everything it ever said', () => {
    const sheet = checkSheet(entry([version('a', 6, check)]), formats)!;
    expect(sheet.title).toBe('Record of a check, pen P4');
    const told = words(sheet);
    expect(told).toContain('Device number: KG-004');
    expect(told).toContain(
      '7.00 | as found | 7.00 pH | 7.12 pH | 0.12 pH high | 6.95 to 7.05 pH | outside',
    );
    expect(told.at(-1)).toBe('Written 6 May 2026 07:40, LV | ');
  });

  test('voided: it says that it counts no more, and still what it said', () => {
    const sheet = checkSheet(
      entry([version('b', 8, null, 'wrong pen'), version('a', 6, check)]),
      formats,
    )!;
    const told = words(sheet);
    expect(told[0]).toBe('This check was voided: it counts no more. What it said stands here.');
    expect(told).toContain('Verdict: Adjusted, and within tolerance afterwards.');
    expect(told).toContain('Voided 8 May 2026 07:40, LV: wrong pen | ');
    expect(checkSheet({ ...entry([version('a', 6, {})]), kind: 'reading' }, formats)).toBe(
      undefined,
    );
  });
});

test('a tank’s month: displayed beside corrected, what was poured apart; what is left out is told', () => {
  const reading = {
    kind: 'reading',
    atMs: at(5),
    row: {
      by: 'AM',
      sample: 'tank',
      tankName: 'Basil',
      tempC: 21,
      ph: {
        shown: 5.38,
        penCode: 'P1',
        judged: { value: 5.35, verdict: 'low', budget: { expandedU: 0.06 } },
      },
    },
  } as unknown as LedgerRow;
  const dose = {
    kind: 'addition',
    atMs: at(6),
    row: {
      by: '',
      tankName: 'Basil',
      body: { what: 'acid', productName: 'citric', doseMl: 5, note: '', tankId: 'T', at: '' },
    },
  } as unknown as LedgerRow;
  const month = { name: 'Basil', fromMs: at(1), toMs: at(20), found: 2 };
  expect(words(tankSheet([dose, reading], month, formats))).toEqual([
    'Readings',
    '2026-05-05 07:40, AM | Tank | 5.38 by P1 | 5.35 ± 0.06 | low |  |  |  | 21.0 °C',
    'Doses and water',
    '2026-05-06 07:40, nobody named | acid poured | 5.0 mL · citric',
  ]);
  expect(words(tankSheet([dose], { ...month, found: 700 }, formats))[0]).toBe(
    'The newest 1 of 700 entries stand here. Choose a shorter period for the others.',
  );
});
