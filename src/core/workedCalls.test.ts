import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { runInNewContext } from 'node:vm';

/** A worked call as it stands in a comment: `onDisplay(5.864, 0.01) // => 5.86`. */
const WORKED_CALL = /`([^`]+) \/\/ => ([^`:]+?)(?::[^`]*)?`/g;

const files = readdirSync(__dirname, { recursive: true, encoding: 'utf8' }).filter(
  (file) => file.endsWith('.ts') && !file.includes('.test.') && !file.includes('testing'),
);

const calls = files.flatMap((file) => {
  const comments = readFileSync(join(__dirname, file), 'utf8').replace(/\n \* /g, ' ');
  return [...comments.matchAll(WORKED_CALL)].map(
    ([, call = '', told = '']) => [call, told, file] as const,
  );
});

/** A number as a comment writes it: to the digits that are told. */
function asTold(value: unknown, told: string): string {
  if (typeof value !== 'number') return String(value);
  return value.toFixed(told.split('.')[1]?.length ?? 0);
}

test.each(calls)('%s // => %s', (call, told, file) => {
  const around = jest.requireActual<Record<string, unknown>>(join(__dirname, file));
  expect(asTold(runInNewContext(call, { ...around }), told)).toBe(told);
});

it('finds the calls that stand in the comments', () => {
  expect(calls.length).toBeGreaterThan(35);
});
