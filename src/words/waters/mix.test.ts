import { mixMissingSentence } from './mix';

test('why there is no mixture is said of the very water', () => {
  expect(mixMissingSentence({ why: 'unknown', name: 'rain', by: 'ecMsPerCm' })).toBe(
    'rain: its EC is not known.',
  );
  expect(mixMissingSentence({ why: 'unknown', name: 'well', by: 'alkalinityMmolPerL' })).toContain(
    'alkalinity',
  );
  expect(mixMissingSentence({ why: 'notBetween' })).toContain('between them');
});
