import { writeRevision, idSource, type Change, type Revision } from '@/records';
import { GENERIC_PROFILES, penFromProfile } from '@/records/profiles';
import { plainTank } from '@/records/testing/plainTank';
import { BookState } from './bookState';
import { pensAnswer } from './penAnswers';
import { tanksAnswer } from './tankAnswers';

const NOW_MS = Date.UTC(2026, 4, 1);
const makeId = idSource();
const write = (change: Change, recordId: string) =>
  writeRevision(
    { ...change, recordId },
    { makeId, nowMs: NOW_MS - 1000, zone: 'UTC', by: '', device: 'x' },
  ) as Revision;
const profile = GENERIC_PROFILES.find(({ ph }) => ph)!;
const pen = (code: string): Change => ({
  kind: 'pen',
  body: penFromProfile(profile, { code, name: 'Pen', tolerancePolicy: 'normal' }),
});
const tank = (name: string): Change<'tank'> => ({
  kind: 'tank',
  body: plainTank(name),
});

test('a pen or tank that cannot be worked out is named, told once, and leaves the rest', () => {
  const book = new BookState();
  const told: string[] = [];
  book.onSpoiled = (about) => told.push(about);
  // Bodies that no schema would take: what a mistake of our own could leave in storage.
  const sitting = {
    kind: 'session',
    body: {
      penId: 'penB',
      plan: { quantity: 'ph' },
      events: null,
      finishedAt: new Date(NOW_MS - 900).toISOString(),
    },
  } as unknown as Change;
  const noBand = { ...write(tank('Mint') as Change, 'tankB') };
  const reading = write(
    {
      kind: 'reading',
      body: {
        tankId: 'tankB',
        sampleKind: 'tank',
        takenAt: new Date(NOW_MS - 500).toISOString(),
        ph: { shown: Number.NaN, penId: 'penA' },
        note: '',
      },
    } as Change,
    'readB',
  );
  book.apply([
    write(pen('P1'), 'penA'),
    write(pen('P2'), 'penB'),
    write(sitting, 'sessB'),
    write(tank('Basil') as Change, 'tankA'),
    noBand,
    reading,
  ]);
  const pens = pensAnswer(book, NOW_MS);
  expect(pens.map(({ body, sides }) => [body.code, sides.length > 0])).toEqual([
    ['P1', true],
    ['P2', false],
  ]);
  const tanks = tanksAnswer(book, NOW_MS);
  expect(tanks.map(({ body }) => body.name)).toEqual(['Basil', 'Mint']);
  expect(tanks[1]?.latest).toBeUndefined();
  pensAnswer(book, NOW_MS);
  expect(told.sort()).toEqual(['Mint', 'P2']);
  expect([...book.spoiled.keys()].sort()).toEqual(['Mint', 'P2']);
});
