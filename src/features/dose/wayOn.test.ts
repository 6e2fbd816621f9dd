import type { ReadingRow } from '@/book/answers';
import { wayOnFromDose, wayOnFromEc } from './wayOn';

const reading = {
  ph: { penCode: 'P4', penId: 'four' },
  ec: { penCode: 'P3', penId: 'three' },
} as unknown as ReadingRow;

test('a pen that can’t tell is checked in the side it read', () => {
  expect(wayOnFromDose('cannotTell', { tankId: 't', reading })).toEqual({
    label: 'Check P4',
    href: '/pens/four/bench?quantity=ph',
  });
  expect(wayOnFromEc('cannotTell', { tankId: 't', reading })?.href).toBe(
    '/pens/three/bench?quantity=ec',
  );
  expect(wayOnFromDose('cannotTell', { tankId: 't' })?.href).toBe('/read?tank=t');
});

test('pure water is fed first, an EC nobody read is read', () => {
  expect(wayOnFromDose('tooPure', { tankId: 't', reading })?.href).toBe('/tanks/t/ec');
  expect(wayOnFromEc('notRead', { tankId: 't' })?.href).toBe('/read?tank=t');
});

test('what lies on the same screen, or in waiting, gets no button', () => {
  for (const why of ['inBand', 'wrongWay', 'stillMixing', 'chasing', 'outOfRange'] as const)
    expect(wayOnFromDose(why, { tankId: 't', reading })).toBeUndefined();
  for (const why of ['inBand', 'stillMixing', 'gainUnknown', 'aimOtherWay'] as const)
    expect(wayOnFromEc(why, { tankId: 't', reading })).toBeUndefined();
});
