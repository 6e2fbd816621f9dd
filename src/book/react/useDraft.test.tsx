import { act as settle, renderHook } from '@testing-library/react';
import { useDraft } from './useDraft';

const kept: (string | null)[] = [];
let mockHeld: string | null = null;
let mockDelete: () => Promise<void> = async () => undefined;
const mockClient = {
  loadDraft: async () => mockHeld,
  keepDraft: async (_name: string, text: string | null) => {
    if (text === null) await mockDelete();
    kept.push(text);
  },
};
jest.mock('./BookProvider', () => ({ useBook: () => ({ client: mockClient }) }));

const restored = jest.fn();
const opened = () => renderHook(() => useDraft<string>('read/t1', restored));
const pause = () => settle(async () => jest.advanceTimersByTimeAsync(400));

beforeEach(() => {
  jest.useFakeTimers();
  kept.length = 0;
  localStorage.clear();
  mockHeld = null;
  mockDelete = async () => undefined;
  restored.mockClear();
});
afterEach(() => jest.useRealTimers());

test('what was typed is kept once typing pauses, and brought back when the form opens', async () => {
  const { result } = opened();
  result.current.keep('6.1');
  result.current.keep('6.14');
  await pause();
  expect(kept).toEqual(['"6.14"']);
  mockHeld = kept[0]!;
  opened();
  await pause();
  expect(restored).toHaveBeenCalledWith('6.14');
});

test('what was saved is not offered once more, though the page is closed before it is deleted', async () => {
  const { result } = opened();
  result.current.keep('6.14');
  await pause();
  mockHeld = kept[0]!;
  mockDelete = () => new Promise(() => undefined);
  result.current.forget();
  // The deleting never ended: the next page finds the draft.
  opened();
  await pause();
  expect(restored).not.toHaveBeenCalled();
  // What is typed after it is a draft as any.
  result.current.keep('6.2');
  await pause();
  mockHeld = kept.at(-1)!;
  opened();
  await pause();
  expect(restored).toHaveBeenCalledWith('6.2');
});

test('a form drawn once more does not keep what was saved; something else typed is a draft again', async () => {
  const { result } = opened();
  result.current.keep('6.14');
  result.current.forget();
  result.current.keep('6.14');
  await pause();
  expect(kept).toEqual([null]);
  result.current.keep('6.2');
  await pause();
  expect(kept).toEqual([null, '"6.2"']);
  expect(localStorage.length).toBe(0);
});
