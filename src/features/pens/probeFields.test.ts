import { probeSchema } from '@/records/kinds';
import type { Row } from '@/book/answers';
import { probeDefaults, probeFormSchema, probeOf, type ProbeIn } from './probeFields';
import { probeLines } from '@/words/pens/probeLines';

const nowMs = new Date(2026, 4, 20, 9, 30).getTime();
const penId = '01HZY3Q4N5M6K7J8H9G0F1E2D3';
const about = { penId, sides: ['ph', 'ec'] as const, nowMs };
const read = (more: Partial<ProbeIn>) =>
  probeFormSchema(about.sides, nowMs).safeParse({ ...probeDefaults(about), ...more });
const fitted = (more: Partial<ProbeIn>) => probeOf(read(more).data!, about);

test('a probe from its papers is a valid record; today is now, not noon', () => {
  const probe = fitted({ fitted: '2026-05-20', bought: '2026-05-02', guarantee: '2027-05-02' });
  expect(probeSchema.parse(probe)).toMatchObject({ side: 'ph', penId });
  expect(Date.parse(probe.fittedAt)).toBe(nowMs);
  expect(new Date(probe.guaranteeUntil!).getFullYear()).toBe(2027);
  expect(fitted({}).boughtAt).toBeUndefined();
});

test('an EC probe has no junction, whatever was typed before the side was changed', () => {
  expect(fitted({ junction: 'cloth', side: 'ec' }).junction).toBe('');
  expect(fitted({ junction: 'cloth' }).junction).toBe('cloth');
});

test.each([
  [{ fitted: 'May' }, ['fitted']],
  [{ fitted: '2026-05-21' }, ['fitted']],
  [{ bought: '2026-06-01' }, ['bought']],
  [{ bought: '2026-05-02', guarantee: '2026-04-30' }, ['guarantee']],
  [{ guarantee: '2028-01-01' }, []],
])('%p is told at %p', (more, fields) => {
  expect((read(more).error?.issues ?? []).map(({ path }) => path[0])).toEqual(fields);
});

test('the line of a probe tells its papers', () => {
  const body = fitted({ serial: 'A-17', bought: '2026-05-02', guarantee: '2027-05-02' });
  const row = { id: 'a', body } as unknown as Row<'probe'>;
  expect(probeLines([row], penId, nowMs)[0]?.text).toBe(
    'pH probe of Wed 20 May, in use for 0 d · A-17 · bought 2 May 2026 · guarantee until 2 May 2027',
  );
});
