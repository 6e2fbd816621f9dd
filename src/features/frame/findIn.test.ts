import { paths } from '@/shell/navigation/paths';
import { findIn } from './findIn';

const all = [
  { name: 'Basil tables', what: 'tank', href: paths.tank('1') },
  { name: 'Sweet basil box', what: 'tank', href: paths.tank('2') },
  { name: 'P2 Three-sachet pocket pen', what: 'pen', href: paths.pen('2') },
];

test('every word must be there, names that begin with it come first', () => {
  expect(findIn(all, 'BASIL').map(({ href }) => href)).toEqual(['/tanks/1', '/tanks/2']);
  expect(findIn(all, 'basil sweet').map(({ href }) => href)).toEqual(['/tanks/2']);
  expect(findIn(all, 'pen').map(({ href }) => href)).toEqual(['/pens/2']);
  expect(findIn(all, 'mint')).toEqual([]);
  expect(findIn(all, ' ')).toHaveLength(3);
});
