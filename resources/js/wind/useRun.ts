import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { answer, client } from '../api/client';
import { key as keyOf } from '../api/keys';
import { afterWriting } from '../api/runs';
import { household } from '../api/served';
import type { Run, RunMark, RunStep } from '../api/types';
import { keepSeen } from '../away/seen';
import { newId } from '../parts/newId';
import { failed } from '../parts/undo';
import { useLatest } from '../parts/useLatest';
import { whileAway } from './away';
import { deliver, mustWait, PATIENCE } from './deliver';
import { queueOf } from './queue';

/** How often another window's marks are asked for, ms: less often where many ask, and a phone has to last. */
const LOOK_EVERY = household === null ? 1500 : 4000;
const TRY_AGAIN = 2000;
/** The first turn that waits does so for this long, and those after it with it, ms: nothing seen or kept is older. */
const GATHER = 400;
/** Marks after which other lists are stale. */
const WRITING = ['stopped', 'left', 'finished', 'stripped', 'again', 'pace'];

/** A mark before it has its id. */
export type Told = Omit<RunMark, 'id'>;
export type Tell = (...marks: Told[]) => void;
/** Why nobody answers; null: somebody does. */
export type Silence = 'silent' | 'signed out' | null;

/** What every tool of a run is given. */
export interface Running {
  run: Run;
  step: RunStep;
  tell: Tell;
  /** all of them or none; where nobody answers they are kept, and the run goes on by what it was given */
  say: (...marks: Told[]) => Promise<Run>;
  /** turns counted here that the server does not know of yet */
  ahead: number;
  /** what was told that only the server can work out, while it does not answer */
  waits: RunMark['kind'][];
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
    // whatever is put there, also by what was asked before: the one that knows more marks stands
    structuralSharing: (before, run) => newer(before as Run | undefined, run as Run),
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
      return run;
    },
  });
  const heard = useCallback(
    (run: Run) => {
      queries.setQueryData<Run>(key, run);
      keepSeen(`/api/runs/${uuid}`, run);
    },
    [queries, key, uuid],
  );
  const table = useAhead(uuid, query.data);
  const queue = useMemo(() => queueOf(uuid, localStorage, newId), [uuid]);
  const [marks, setMarks] = useState(() => queue.all());
  const [silence, setSilence] = useState<Silence>(null);
  // a depth that was told late: what it came to was not seen when it was told
  const [lateDepth, setLateDepth] = useState(false);
  const busy = useRef(false);
  const single = useRef(false);
  const timer = useRef(0);

  const send = useCallback(async (): Promise<void> => {
    window.clearTimeout(timer.current);
    timer.current = 0;
    const due = queue.next(single.current ? 1 : undefined);
    if (busy.current || due.length === 0) return;
    busy.current = true;
    const outcome = await deliver(uuid, due);
    busy.current = false;
    if (outcome.how === 'taken') {
      queue.gone(due);
      heard(outcome.run);
      setSilence(null);
      if (due.some((mark) => mark.kind === 'depth')) setLateDepth(true);
      if (due.some((mark) => WRITING.includes(mark.kind))) void afterWriting(queries);
    } else if (outcome.how === 'away') {
      setSilence(outcome.signedOut ? 'signed out' : 'silent');
    } else if (due.length > 1) {
      // nothing of a refused batch was taken: one by one the good ones are
      single.current = true;
    } else {
      for (const mark of due) queue.refuse(mark, outcome.problem.message);
      failed(outcome.problem);
      void queries.invalidateQueries({ queryKey: key });
    }
    setMarks(queue.all());
    if (queue.empty()) single.current = false;
    else timer.current = window.setTimeout(send, outcome.how === 'away' ? TRY_AGAIN : 0);
  }, [queries, queue, key, uuid, heard]);

  const away = useMemo(
    () => (silence !== null && query.data ? whileAway(query.data, table, marks) : null),
    [silence, query.data, table, marks],
  );
  const run = away?.run ?? query.data;
  const layer = useLatest(run?.state.layer);
  const keep = useCallback(
    (mark: Told, id?: string) =>
      queue.add(mark.kind === 'turns' && layer.current !== undefined ? { ...mark, layer: layer.current } : mark, id),
    [queue, layer],
  );

  const tell: Tell = useCallback(
    (...told) => {
      for (const mark of told) keep(mark);
      setMarks(queue.all());
      // a steady beat must not put off for ever what waits
      if (told.every((mark) => mark.kind === 'turns') && timer.current !== 0) return;
      window.clearTimeout(timer.current);
      timer.current = window.setTimeout(send, told.every((mark) => mark.kind === 'turns') ? GATHER : 0);
    },
    [keep, queue, send],
  );

  /** Tells something at once, after whatever still waits; what is wrong with it is the caller's to show. */
  const latest = useLatest({ data: query.data, table });
  const say = useCallback(
    async (...told: Told[]): Promise<Run> => {
      while (busy.current) await new Promise((resolve) => window.setTimeout(resolve, 50));
      await send();
      const named = told.map((mark) => ({ ...mark, id: newId() }));
      if (queue.empty()) {
        try {
          const after = await answer(
            client.POST('/api/runs/{uuid}/marks', {
              params: { path: { uuid } },
              body: { marks: named },
              signal: AbortSignal.timeout(PATIENCE),
            }),
          );
          heard(after);
          setSilence(null);
          setLateDepth(false);
          if (told.some((mark) => WRITING.includes(mark.kind))) void afterWriting(queries);
          return after;
        } catch (error) {
          if (!mustWait(error) || !latest.current.data) throw error;
          setSilence('silent');
        }
      }
      // nobody answers: it is told in its turn, and the run goes on by what it was given
      const { data, table: given } = latest.current;
      if (!data) throw new Error('This run no longer exists.');
      for (const { id, ...mark } of named) keep(mark, id);
      setMarks(queue.all());
      timer.current = window.setTimeout(send, TRY_AGAIN);
      return whileAway(data, given, queue.all()).run;
    },
    [send, queries, queue, uuid, heard, keep, latest],
  );

  useEffect(() => {
    void send();
    const again = () => void send();
    window.addEventListener('online', again);
    return () => {
      window.clearTimeout(timer.current);
      window.removeEventListener('online', again);
      void send();
    };
  }, [send]);

  const ahead = marks.reduce((sum, mark) => sum + (mark.kind === 'turns' ? (mark.turns ?? 0) : 0), 0);
  return {
    query,
    run,
    tell,
    say,
    ahead: away ? 0 : ahead,
    waits: away?.waits ?? NOTHING,
    untold: away !== null && marks.length > 0,
    silence,
    lateDepth,
  };
}

const NOTHING: RunMark['kind'][] = [];

/** How the run goes on as planned; asked for anew with every step, so that it can go on where nobody answers. */
function useAhead(uuid: string, run: Run | undefined) {
  const state = run?.state;
  const { data } = useQuery({
    queryKey: keyOf('ahead', uuid, state?.current, state?.layer, run?.written.length, state?.progress.replanned),
    enabled: state !== undefined && state.over === null,
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
    placeholderData: (before) => before,
    queryFn: () => answer(client.GET('/api/runs/{uuid}/ahead', { params: { path: { uuid } } })),
  });
  return data;
}
