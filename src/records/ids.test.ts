import { idSource, idTimeMs, recordNamedBy, type LotId, type PenId, type TankId } from './ids';

const ofTank = (id: TankId): string => id;
const ofLot = (id: LotId): string => id;

test('the name of one kind does not compile where another is asked; what is typed may be any', () => {
  const pen: PenId = 'a';
  const typed: string = 'a';
  // @ts-expect-error A pen is no tank.
  expect(ofTank(pen)).toBe('a');
  // @ts-expect-error A revision is no record.
  expect(ofLot(idSource()(0))).toHaveLength(26);
  expect(ofTank(typed)).toBe('a');
});

test('a record bears the name of its first revision, which tells when it was made', () => {
  const revId = idSource()(1_700_000_000_000);
  const id: TankId = recordNamedBy(revId);
  expect(id).toBe(revId);
  expect(idTimeMs(revId)).toBe(1_700_000_000_000);
});
