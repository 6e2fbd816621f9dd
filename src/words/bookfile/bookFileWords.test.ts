import { DEFAULT_FORMATS, makeFormats } from '@/words';
import {
  differenceLines,
  fileName,
  headName,
  previewLines,
  refusalSentence,
} from './bookFileWords';

const counts = { new: 0, same: 0, changedThere: 0, changedHere: 0, changedOnBothSides: 0 };

test('the file bears its day, and says whether it is the demo', () => {
  const ms = new Date(2026, 10, 5, 9).getTime();
  expect(fileName('own', ms)).toBe('book-2026-11-05.zolder.json');
  expect(fileName('demo', ms)).toBe('demo-2026-11-05.zolder.json');
});

test('a preview tells only what there is', () => {
  expect(
    previewLines({
      counts: { ...counts, new: 3, same: 9, changedOnBothSides: 1 },
      newByKind: { reading: 2, pen: 1 },
      fresh: 5,
      clashes: 0,
      unknownParents: 2,
      erased: 0,
      erases: 0,
      setAside: 1,
    }),
  ).toEqual([
    'New: 2 readings, 1 pen.',
    'Changed on both sides: 1; you choose after taking it in.',
    'The same on both sides: 9.',
    '2 entries build on older ones that are neither in this file nor here.',
    '1 damaged part of the book it came from cannot be taken in.',
  ]);
  expect(
    previewLines({
      counts,
      newByKind: {},
      fresh: 0,
      clashes: 0,
      unknownParents: 0,
      erased: 0,
      erases: 0,
      setAside: 0,
    }),
  ).toEqual(['Everything in it is here already.']);
});

test('each refusal says what to do', () => {
  expect(refusalSentence({ reason: 'cutOff' })).toContain('Save or send it once more');
  expect(refusalSentence({ reason: 'changed', piece: 3 })).toContain('changed or damaged');
  expect(refusalSentence({ reason: 'newer', version: 2, known: 1 })).toContain('Update');
  expect(
    refusalSentence({ reason: 'badRecord', place: 4, path: 'initials', message: 'too long' }),
  ).toContain('Entry 4 of this file does not hold together (initials: too long)');
});

test('a side is named by who and when', () => {
  const atMs = new Date(2026, 10, 5, 9, 7).getTime();
  expect(headName({ atMs, by: 'LV', deleted: false })).toBe('LV, Thu 5 Nov 09:07');
  expect(headName({ atMs, by: '', deleted: true })).toBe('deleted, Thu 5 Nov 09:07');
});

test('where two versions differ is told in the words of the screens, with units', () => {
  const formats = makeFormats(DEFAULT_FORMATS);
  const lines = differenceLines(
    {
      names: { T: 'Basil', U: 'Mint' },
      differs: [
        { field: 'volumeL', values: [120, 140] },
        {
          field: 'phBand',
          values: [
            { low: 5.5, high: 6.5 },
            { low: 5.5, high: 6 },
          ],
        },
        { field: 'tankId', values: ['T', 'U'] },
        { field: 'recipe', values: [{ phosphorusMgPerL: 30 }, { phosphorusMgPerL: 40 }] },
        { field: 'note', values: ['', 'Leaks'] },
      ],
    },
    formats,
  );
  expect(lines.map((line) => line.replaceAll(' ', ' '))).toEqual([
    'Volume: 120 L or 140 L',
    'pH band: 5.5 to 6.5 pH or 5.5 to 6 pH',
    'Tank: Basil or Mint',
    'Recipe: filled in otherwise.',
    'Note: nothing or Leaks',
  ]);
  expect(
    differenceLines({ names: {}, differs: [{ field: 'x', values: [1, 2] }] }, formats),
  ).toEqual(['They differ in a detail.']);
});
