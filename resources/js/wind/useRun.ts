import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { answer, client, Problem } from '../api/client';
import { afterWriting } from '../api/runs';
import type { Run, RunMark, RunStep } from '../api/types';
import { newId } from '../parts/newId';
import { failed } from '../parts/undo';
import { queueOf } from './queue';

/** How often another window's marks are asked for, ms. */
const LOOK_EVERY = 1500;
const TRY_AGAIN = 2000;
/** The first turn that waits does so for this long, and those after it with it, ms: nothing seen or kept is older. */
const GATHER = 400;
/** Marks after which other lists are stale. */
const WRITING = ['stopped', 'left', 'finished', 'stripped', 'again', 'pace'];

/** A mark before it has its id. */
export type Told = Omit<RunMark, 'id'>;
export type Tell = (...marks: Told[]) => void;

/** What every tool of a run is given. */
export interface Running {
  run: Run;
  step: RunStep;
  tell: Tell;
  /** all of them or none */
  say: (...marks: Told[]) => Promise<Run>;
  /** turns counted here that the server does not know of yet */
  ahead: number;
}

/** This window's own name, the same after a reload. */
function windowName(): string {
  const kept = sessionStorage.getItem('undro-window') ?? newId();
  sessionStorage.setItem('undro-window', kept);
  return kept;
}

/** Answers can come in another order than they were given: the one that knows more marks stands. */
const newer = (before: Run | undefined, run: Run): Run => (before && before.seen > run.seen ? before : run);

/** A run, kept up to date with what other windows tell of it, and told what happens here. */
export function useRun(uuid: string) {
  const queries = useQueryClient();
  const key = useMemo(() => ['run', uuid], [uuid]);
  const tag = useRef('');
  const query = useQuery({
    queryKey: key,
    refetchInterval: LOOK_EVERY,
    queryFn: async ({ signal }) => {
      const asked = await client.GET('/api/runs/{uuid}', {
        params: { path: { uuid } },
        headers: tag.current ? { 'If-None-Match': tag.current } : {},
        signal,
      });
      const before = queries.getQueryData<Run>(key);
      if (asked.response.status === 304 && before) return before;
      const run = await answer(Promise.resolve(asked));
      tag.current = asked.response.headers.get('ETag') ?? '';
      return newer(before, run);
    },
  });
  const heard = useCallback(
    (run: Run) => queries.setQueryData<Run>(key, (before) => newer(before, run)),
    [queries, key],
  );
  const queue = useMemo(() => queueOf(uuid, windowName(), localStorage, newId), [uuid]);
  const [ahead, setAhead] = useState(() => queue.turns());
  const [offline, setOffline] = useState(false);
  const busy = useRef(false);
  const single = useRef(false);
  const timer = useRef(0);

  const send = useCallback(async (): Promise<void> => {
    window.clearTimeout(timer.current);
    timer.current = 0;
    const marks = queue.next(single.current ? 1 : undefined);
    if (busy.current || marks.length === 0) return;
    busy.current = true;
    let wait = 0;
    try {
      const run = await answer(
        client.POST('/api/runs/{uuid}/marks', { params: { path: { uuid } }, body: { marks }, keepalive: true }),
      );
      queue.gone(marks);
      heard(run);
      setOffline(false);
      if (marks.some((mark) => WRITING.includes(mark.kind))) void afterWriting(queries);
    } catch (error) {
      if (!(error instanceof Problem) || error.status < 400 || error.status >= 500) {
        setOffline(true);
        wait = TRY_AGAIN;
      } else if (marks.length > 1) {
        // nothing of a refused batch was taken: one by one the good ones are
        single.current = true;
      } else {
        queue.gone(marks);
        failed(error);
        void queries.invalidateQueries({ queryKey: key });
      }
    } finally {
      busy.current = false;
      setAhead(queue.turns());
      if (queue.empty()) single.current = false;
      else timer.current = window.setTimeout(send, wait);
    }
  }, [queries, queue, key, uuid, heard]);

  const tell: Tell = useCallback(
    (...marks) => {
      for (const mark of marks) queue.add(mark);
      setAhead(queue.turns());
      // a steady beat must not put off for ever what waits
      if (marks.every((mark) => mark.kind === 'turns') && timer.current !== 0) return;
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(send, marks.every((mark) => mark.kind === 'turns') ? GATHER : 0);
    },
    [queue, send],
  );

  /** Tells something at once, after whatever still waits; what is wrong with it is the caller's to show. */
  const say = useCallback(
    async (...marks: Told[]): Promise<Run> => {
      while (busy.current) await new Promise((resolve) => window.setTimeout(resolve, 50));
      await send();
      const run = await answer(
        client.POST('/api/runs/{uuid}/marks', {
          params: { path: { uuid } },
          body: { marks: marks.map((mark) => ({ ...mark, id: newId() })) },
        }),
      );
      heard(run);
      if (marks.some((mark) => WRITING.includes(mark.kind))) void afterWriting(queries);
      return run;
    },
    [send, queries, uuid, heard],
  );

  useEffect(() => {
    void send();
    return () => {
      window.clearTimeout(timer.current);
      void send();
    };
  }, [send]);

  return { query, tell, say, ahead, offline };
}
