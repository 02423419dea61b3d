// @vitest-environment happy-dom
import { MutationObserver, QueryClient } from '@tanstack/react-query';
import { beforeEach, expect, it, vi } from 'vitest';
import { done, endErrors, failed, undoLatest } from './undo';

const board = vi.hoisted(() => ({ show: vi.fn(), hide: vi.fn() }));
vi.mock('@mantine/notifications', () => ({ notifications: board }));

beforeEach(() => {
  board.show.mockClear();
  board.hide.mockClear();
});

it('takes back a change that is still being written, once it is', async () => {
  const queries = new QueryClient();
  let written = () => {};
  const change = new MutationObserver(queries, {
    mutationFn: () =>
      new Promise<void>((resolve) => {
        written = resolve;
      }),
  });
  const [older, latest] = [vi.fn(async () => {}), vi.fn(async () => {})];
  done('The one before.', older);
  void change.mutate().then(() => done('Cut back.', latest));
  await Promise.resolve();
  const taken = undoLatest(queries);
  expect(latest).not.toHaveBeenCalled();
  written();
  await taken;
  expect(latest).toHaveBeenCalledOnce();
  expect(older).not.toHaveBeenCalled();
  await undoLatest(queries);
  expect(older).toHaveBeenCalledOnce();
});

it('ends an error with the place it was said at; what was done stays', async () => {
  done('Saved.', async () => {});
  await vi.waitFor(() => expect(board.show).toHaveBeenCalledOnce());
  failed(new Error('no'));
  await vi.waitFor(() => expect(board.show).toHaveBeenCalledTimes(2));
  const [kept, wrong] = board.show.mock.calls.map(([notice]) => notice.id);
  board.hide.mockClear();
  endErrors();
  await vi.waitFor(() => expect(board.hide.mock.calls).toEqual([[wrong]]));
  expect(wrong).not.toBe(kept);
  // nothing stands any more that could end
  endErrors();
  await new Promise((wait) => setTimeout(wait));
  expect(board.hide).toHaveBeenCalledOnce();
});
