import { doneSentence } from './doneSentence';

test('what was done is said of the very thing it was done to', () => {
  expect(doneSentence({ what: 'added', name: 'Basil' })).toBe('Basil is added.');
  expect(doneSentence({ what: 'penBack', name: 'P2' })).toMatch(/^P2 .* Check it before/);
  expect(doneSentence({ what: 'poured', amount: '3.1 mL', product: 'nitric acid' })).toBe(
    '3.1 mL of nitric acid is in the book.',
  );
  expect(doneSentence({ what: 'setUp', pen: 'P1', tank: 'Basil' })).toContain('P1 and Basil');
});

test('where there is no name nothing is left open', () => {
  expect(doneSentence({ what: 'waterChanged' })).toBe('The whole change is in the book.');
  expect(doneSentence({ what: 'standing', minutes: 30 })).toContain('30 min');
  expect(doneSentence({ what: 'amended', told: 'Nothing else changes.' })).toBe(
    'The entry is amended. Nothing else changes.',
  );
});
