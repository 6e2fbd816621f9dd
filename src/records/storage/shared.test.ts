import { houseBook } from '../../../scripts/bench/houseBook';
import { decodePack, encodePack } from './packs';

test('a pack says what it said, whatever texts its revisions share', () => {
  const { revisions } = houseBook({
    tanks: 3,
    pens: 2,
    readingsEach: 40,
    endMs: Date.UTC(2026, 4),
  });
  const deleted = { ...revisions.at(-1)!, parents: [revisions[0]!.revId], body: null };
  const odd = [{ ...revisions[0]!, act: 'other-act', recordId: 'named' }, deleted];
  const text = encodePack([...revisions, ...odd]);
  expect(decodePack(text).revisions).toEqual([...revisions, ...odd]);
  expect(encodePack(decodePack(text).revisions)).toBe(text);
});
