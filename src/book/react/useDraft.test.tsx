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

test('what was saved is forgotten before the screen goes on, and a form drawn once more does not keep it', async () => {
  const { result } = opened();
  result.current.keep('6.14');
  let ended: () => void = () => undefined;
  mockDelete = () => new Promise((resolve) => (ended = resolve));
  let gone = false;
  const forgetting = result.current.forget().then(() => (gone = true));
  await pause();
  expect(gone).toBe(false);
  ended();
  await forgetting;
  result.current.keep('6.14');
  await pause();
  expect(kept).toEqual([null]);
  // Something else typed into the same form is a draft again.
  result.current.keep('6.2');
  await pause();
  expect(kept).toEqual([null, '"6.2"']);
});

test('where it cannot be forgotten the screen goes on all the same', async () => {
  const { result } = opened();
  mockDelete = async () => Promise.reject(new Error('full'));
  await expect(result.current.forget()).resolves.toBeUndefined();
});
