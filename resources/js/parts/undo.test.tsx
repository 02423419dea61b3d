// @vitest-environment happy-dom
import { MutationObserver, QueryClient } from '@tanstack/react-query';
import { expect, it, vi } from 'vitest';
import { done, undoLatest } from './undo';

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
