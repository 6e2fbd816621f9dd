import { checkBody } from '@/records/testing/plainCheck';
import type { Session } from '@/records/kinds';
import { makeFormats, DEFAULT_FORMATS } from '@/words';
import { checkDips, checkFacts } from './checkRecord';

const formats = makeFormats(DEFAULT_FORMATS);
const plain = (text: string) => text.replaceAll(' ', ' ');
const finishedMs = new Date(2026, 4, 20, 7, 40).getTime();

/** A check whose first cup was from a lot past its date and read twice, and which the pen once refused. */
function session(): Session {
  const body = checkBody('P', finishedMs, { in7: 7.12, in4: 4.09, adjusted: true });
  const [first, ...others] = body.plan.cups;
  const [found, ...rest] = body.events;
  return {
    ...body,
    plan: { ...body.plan, cups: [{ ...first!, lotId: 'L' }, ...others] },
    events: [
      { type: 'read', phase: 'asFound', cupId: '7', shown: 7.3, atMs: finishedMs },
      { type: 'repeat', phase: 'asFound', cupId: '7' },
      found!,
      { type: 'errorShown', phase: 'asLeft', cupId: '7', text: 'Err 2', atMs: finishedMs },
      ...rest,
    ],
    pastDateLots: ['L'],
    afterCleaning: true,
    note: 'Cloudy cap',
  };
}
const about = {
  check: {
    code: 'P4',
    name: 'Trim screw',
    serial: 'KG-004',
    probe: { serial: 'E-9', fittedAtMs: new Date(2026, 1, 2).getTime() },
    lots: { L: { lotCode: 'A-3902', expiresAt: new Date(2026, 3, 1).toISOString() } },
    lookBack: { readings: 28, turned: 7, wrongDoses: 1 },
  },
  by: 'LV',
  zone: 'UTC',
  formats,
};

test('the record of a check holds all that makes it one', () => {
  const facts = checkFacts(session(), about).map(({ label, value }) => `${label}: ${plain(value)}`);
  expect(facts).toEqual([
    'Pen: P4 Trim screw',
    'Device number: KG-004',
    'Probe: E-9, fitted 2 Feb 2026',
    'Checked by: LV',
    'Finished: 2026-05-20 07:40 (UTC)',
    'Procedure: pH, in this order: 7.00, 4.01',
    'Cup 7.00: target 7.00 pH at 25.0 °C; lot A-3902, good until 1 Apr 2026, past its date when it was used',
    'Cup 4.01: target 4.01 pH at 25.0 °C; a bottle that is not on the Shelf',
    'Tolerance: as found ± 0.05 pH, as left ± 0.03 pH',
    'Before it: Cleaned before it was read: what was found is only a lower bound.',
    'Verdict: Adjusted, and within tolerance afterwards.',
    'Look-back: 28 readings since the check before, 7 judged otherwise now, 1 dose made on a wrong number.',
    'Note: Cloudy cap',
  ]);
});

test('every try stands there, also the one called back and the error the pen showed', () => {
  const tries = checkDips(session(), formats).map(({ cup, phase, shown, error, verdict }) =>
    [cup, phase, shown, error, verdict].map(plain),
  );
  expect(tries).toEqual([
    ['7.00', 'as found', '7.30 pH', '0.30 pH high', 'outside'],
    ['7.00', 'as found, try 2', '7.12 pH', '0.12 pH high', 'outside'],
    ['7.00', 'as left', 'Err 2', '', ''],
    ['4.01', 'as found', '4.09 pH', '0.08 pH high', 'outside'],
    ['7.00', 'as left, try 2', '7.00 pH', 'on target', 'within'],
    ['4.01', 'as left', '4.01 pH', 'on target', 'within'],
  ]);
});

test('what nobody wrote down is said to be so; a lot that is gone keeps its place', () => {
  const check = { ...about.check, serial: '', probe: undefined, lots: {}, lookBack: undefined };
  const facts = Object.fromEntries(
    checkFacts(session(), { ...about, check, by: '' }).map(({ label, value }) => [label, value]),
  );
  expect(facts).toMatchObject({
    'Device number': 'not written down',
    'Checked by': 'not written down',
    'Look-back': 'No readings before it.',
  });
  expect(facts['Cup 7.00']).toContain('a lot that is gone, past its date');
  expect(facts).not.toHaveProperty('Probe');
});
