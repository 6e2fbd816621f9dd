import { act, render, screen } from '@testing-library/react';
import { Component, type ReactNode } from 'react';
import { chunkPart, fromChunk, provideChunk } from './chunk';

const Chart = ({ of }: { readonly of: string }) => <p>{`Chart of ${of}`}</p>;
const Drawn = chunkPart<{ of: string }>('charts', 'Chart');

/** Holds what broke, as the screens' own boundary does. */
class Held extends Component<{ readonly children: ReactNode }, { readonly error?: Error }> {
  override state: { readonly error?: Error } = {};
  static getDerivedStateFromError(error: Error) {
    return { error };
  }
  override render() {
    return this.state.error ? <p>{this.state.error.message}</p> : this.props.children;
  }
}

test('a skeleton stands until the chunk is there; once it is, the next one is drawn at once', async () => {
  let come: (held: { Chart: typeof Chart }) => void = () => undefined;
  const load = jest.fn(
    () =>
      new Promise<{ Chart: typeof Chart }>((resolve) => {
        come = resolve;
      }),
  );
  provideChunk('charts', load);
  const first = render(<Drawn of="Basil" />);
  // It waits a moment itself: what comes at once needs none.
  expect(await screen.findByLabelText('Loading the chart')).toBeTruthy();
  expect(screen.queryByText('Chart of Basil')).toBeNull();
  await act(async () => come({ Chart }));
  expect(screen.getByText('Chart of Basil')).toBeTruthy();
  expect(screen.queryByLabelText('Loading the chart')).toBeNull();
  first.unmount();
  render(<Drawn of="Mint" />);
  expect(screen.getByText('Chart of Mint')).toBeTruthy();
  expect(load).toHaveBeenCalledTimes(1);
});

test('a chunk that does not come breaks its own screen, and is asked for again by the next', async () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  let away = true;
  provideChunk('tables', async () => {
    if (away) throw new Error('Failed to fetch');
    return { Rows: () => <p>Rows</p> };
  });
  const Rows = chunkPart('tables', 'Rows');
  const broken = render(
    <Held>
      <Rows />
    </Held>,
  );
  expect(await screen.findByText('Failed to fetch')).toBeTruthy();
  broken.unmount();
  away = false;
  render(
    <Held>
      <Rows />
    </Held>,
  );
  expect(await screen.findByText('Rows')).toBeTruthy();
});

test('a sheet over the screen has no skeleton; a name that no chunk holds is said', async () => {
  provideChunk('keyed', () => new Promise(() => undefined));
  const Find = chunkPart('keyed', 'Find');
  expect(render(<Find />).container.textContent).toBe('');
  provideChunk('help', async () => ({}));
  await expect(fromChunk('help', 'Nobody')).rejects.toThrow('the chunk help holds no Nobody');
  provideChunk('read', async () => ({ ReadIndex: () => <p>Read</p> }));
  await fromChunk('read', 'ReadIndex');
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const Other = chunkPart('read', 'Other');
  render(
    <Held>
      <Other />
    </Held>,
  );
  expect(await screen.findByText('the chunk read holds no Other')).toBeTruthy();
  await expect(fromChunk('drag', 'Nothing')).rejects.toThrow('the chunk drag holds no Nothing');
});
