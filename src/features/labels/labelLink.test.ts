import { encode } from 'uqr';
import { codeOfLink } from '@/core/labels';
import { labelLink } from './labelLink';

test('a link is short enough for a coarse code, and is read back', () => {
  const link = labelLink('7K2QX', 'https://kitchen.local:4443', '');
  expect(link).toBe('HTTPS://KITCHEN.LOCAL:4443/L/7K2QX');
  expect(codeOfLink(link)).toBe('7K2QX');
  // 25 squares a side; in small letters it would take 29.
  expect(encode(link, { ecc: 'M', border: 0 }).size).toBe(25);
  expect(encode(link.toLowerCase(), { ecc: 'M', border: 0 }).size).toBe(29);
});

test('a path of a host keeps its spelling', () => {
  expect(labelLink('7K2QX', 'https://some.host', '/zolder')).toBe(
    'HTTPS://SOME.HOST/zolder/L/7K2QX',
  );
});
