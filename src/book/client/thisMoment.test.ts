import { openingMoment, thisMoment } from '.';

const NOON_MS = Date.UTC(2026, 4, 1, 12);

afterEach(() => {
  jest.restoreAllMocks();
  jest.useRealTimers();
});

/** A device set to a time zone; answers how often it was asked for it. */
function deviceIn(zone: () => string) {
  const real = Intl.DateTimeFormat().resolvedOptions();
  return jest
    .spyOn(Intl.DateTimeFormat.prototype, 'resolvedOptions')
    .mockImplementation(() => ({ ...real, timeZone: zone() }));
}

test('the time zone is asked for once a minute, and a device that travels is noticed', () => {
  jest.useFakeTimers({ now: NOON_MS });
  let zone = 'Europe/Lisbon';
  const asked = deviceIn(() => zone);
  expect(thisMoment()).toEqual({ nowMs: NOON_MS, zone: 'Europe/Lisbon' });
  jest.setSystemTime(NOON_MS + 59_000);
  expect(thisMoment()).toEqual({ nowMs: NOON_MS + 59_000, zone: 'Europe/Lisbon' });
  expect(asked).toHaveBeenCalledTimes(1);
  zone = 'Asia/Tokyo';
  jest.setSystemTime(NOON_MS + 61_000);
  expect(thisMoment().zone).toBe('Asia/Tokyo');
  // A clock set back far is not taken for a minute that has not passed.
  zone = 'Europe/Lisbon';
  jest.setSystemTime(NOON_MS - 3_600_000);
  expect(thisMoment().zone).toBe('Europe/Lisbon');
});

test('an opening asks for no zone: the worker knows its own', () => {
  const asked = deviceIn(() => 'Europe/Lisbon');
  expect(openingMoment().zone).toBe('');
  expect(asked).not.toHaveBeenCalled();
});
