import { checkEcEntry, checkPhEntry, checkTempEntry } from './index';

test('65 is offered as 6.5, 652 as 6.52, and a real pH passes', () => {
  expect(checkPhEntry(65)).toEqual({ reason: 'decimalPointLost', meantPh: 6.5 });
  expect(checkPhEntry(652)).toEqual({ reason: 'decimalPointLost', meantPh: 6.52 });
  expect(checkPhEntry(6.5)).toBeUndefined();
  expect(checkPhEntry(14)).toBeUndefined();
  expect(checkPhEntry(-1)).toMatchObject({ reason: 'outsideDisplay' });
  expect(checkPhEntry(14.2)).toMatchObject({ reason: 'outsideDisplay' });
});

test('1460 in mS/cm is offered as µS/cm; 1.46 in µS/cm as mS/cm', () => {
  const high = checkEcEntry(1460, 'mS/cm');
  expect(high).toEqual({ reason: 'wrongScale', meantScale: 'µS/cm', meantShown: 1.46 });
  const low = checkEcEntry(1.46, 'µS/cm');
  expect(low).toEqual({ reason: 'wrongScale', meantScale: 'mS/cm', meantShown: 1460 });
});

test('CF in a mS/cm field is offered; ordinary feeds pass on their own scale', () => {
  expect(checkEcEntry(16, 'mS/cm')).toMatchObject({ meantScale: 'CF', meantShown: 1.6 });
  expect(checkEcEntry(1.46, 'mS/cm')).toBeUndefined();
  expect(checkEcEntry(1460, 'µS/cm')).toBeUndefined();
  expect(checkEcEntry(730, 'ppm500')).toBeUndefined();
  expect(checkEcEntry(0, 'mS/cm')).toBeUndefined();
});

test('a standard or a stock may be strong, but not beyond what a cell can measure', () => {
  expect(checkEcEntry(12.88, 'mS/cm', { likelyFeed: false })).toBeUndefined();
  expect(checkEcEntry(60, 'mS/cm', { likelyFeed: false })).toMatchObject({ max: 50 });
  expect(checkEcEntry(-1, 'mS/cm')).toMatchObject({ reason: 'outsideDisplay' });
});

test('70 looks like °F and is offered in °C', () => {
  const issue = checkTempEntry(70);
  expect(issue).toEqual({ reason: 'looksLikeFahrenheit', meantC: expect.closeTo(21.111, 3) });
  expect(checkTempEntry(21)).toBeUndefined();
  expect(checkTempEntry(-3)).toMatchObject({ reason: 'outsideRange' });
  expect(checkTempEntry(300)).toMatchObject({ reason: 'outsideRange' });
});
