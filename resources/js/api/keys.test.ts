import { QueryClient, QueryObserver } from '@tanstack/react-query';
import { expect, test, vi } from 'vitest';
import { key, stale } from './keys';

test('a list that was asked for before a change and answered after it is asked for again', async () => {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const answers: ((list: string[]) => void)[] = [];
  const asked = vi.fn(() => new Promise<string[]>((resolve) => answers.push(resolve)));
  const list = new QueryObserver(queries, { queryKey: key('calendar'), queryFn: asked });
  const seen: (string[] | undefined)[] = [];
  const leave = list.subscribe(({ data }) => seen.push(data));
  const done = stale(queries, 'calendar');
  await vi.waitFor(() => expect(asked).toHaveBeenCalledTimes(2));
  answers[0]?.([]);
  answers[1]?.(['the new one']);
  await done;
  expect(list.getCurrentResult().data).toEqual(['the new one']);
  expect(seen).not.toContainEqual([]);
  leave();
});

test('a list that is shown stays until its new state has come', async () => {
  const queries = new QueryClient();
  const asked = vi.fn(async () => ['now']);
  queries.setQueryData(key('calendar'), ['before']);
  const list = new QueryObserver(queries, { queryKey: key('calendar'), queryFn: asked, staleTime: 60_000 });
  const seen: (string[] | undefined)[] = [];
  const leave = list.subscribe(({ data }) => seen.push(data));
  await stale(queries, 'calendar');
  expect(list.getCurrentResult().data).toEqual(['now']);
  expect(seen).not.toContain(undefined);
  leave();
});
