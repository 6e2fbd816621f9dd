import { CARE_KINDS } from '@/records/kinds';
import { CARE_CARDS } from './careCards';

test('every kind of care and incident has a card, each with a title of its own', () => {
  // The stand in cleaner is a step of the card for stubborn dirt.
  const titled = CARE_KINDS.filter((kind) => kind !== 'inCleaner');
  expect(new Set(CARE_CARDS.map(({ what }) => what))).toEqual(new Set(titled));
  expect(CARE_CARDS.find(({ what }) => what === 'cleanHeavy')?.cleanerMinutes).toBe(30);
  expect(new Set(CARE_CARDS.map(({ title }) => title)).size).toBe(CARE_CARDS.length);
});

test('solvents, batteries and broken glass carry their caution', () => {
  const cautions = CARE_CARDS.filter(({ caution }) => caution).map(({ what }) => what);
  expect(cautions).toEqual(expect.arrayContaining(['cleanOil', 'battery', 'knock']));
});

test('every card that cleans says to check as found first, or rests the probe after', () => {
  const cleaning = CARE_CARDS.filter(({ what }) => what.startsWith('clean'));
  for (const { steps, soakHours } of cleaning) {
    const asFound = steps.some((step) => /as found/i.test(step));
    expect(asFound || soakHours !== undefined).toBe(true);
  }
});

test('every incident but a knock starts its remedy with a timer', () => {
  const untimed = CARE_CARDS.filter(
    ({ group, soakHours, dryHours }) =>
      group === 'incident' && soakHours === undefined && dryHours === undefined,
  );
  expect(untimed.map(({ what }) => what)).toEqual(['knock']);
});
