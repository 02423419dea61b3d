import { useEffect } from 'react';
import { useSeenSince } from '../api/since';
import { moment } from '../parts/day';
import { useLatest } from '../parts/useLatest';
import { useBench } from '../shell/bench';
import { useLocation } from '../shell/route';
import { deliverAll } from '../wind/deliver';
import classes from './Away.module.css';
import { takeAlong, takeRunAlong } from './along';
import { HERE } from './caches';
import { farewells } from './farewell';

/** How often what waits of other runs is tried again, ms. */
const EVERY = 30_000;
/** The page is drawn and used first; then what may be wanted away from the server is asked for, ms. */
const SOON = 1500;

/** Where the browser keeps nothing, having no room or being told so, Undro goes on with the server. */
const NOTHING_KEPT = () => {};

/** Registers the worker, and resolves once it controls this page: only then are answers stored. */
async function controlled(): Promise<void> {
  const { serviceWorker } = navigator;
  const claimed = new Promise((resolve) => serviceWorker.addEventListener('controllerchange', resolve, { once: true }));
  await serviceWorker.register('/worker.js');
  const { active } = await serviceWorker.ready;
  active?.postMessage(HERE);
  if (!serviceWorker.controller) await claimed;
}

/** What a served page does besides: it is kept for where nobody answers, says when what it shows is old, and tells what waits. */
export default function Away() {
  const { angler, spool } = useBench();
  const at = angler?.id;
  const onBench = useLatest(spool?.id);
  const { pathname } = useLocation();
  const since = useSeenSince();
  useEffect(() => farewells(), []);
  useEffect(() => {
    if (!('serviceWorker' in navigator)) return;
    let timer = 0;
    let left = false;
    void controlled().then(() => {
      if (!left) timer = window.setTimeout(() => takeAlong(at, onBench.current).catch(() => {}), SOON);
    }, NOTHING_KEPT);
    return () => {
      left = true;
      window.clearTimeout(timer);
    };
  }, [at, onBench]);
  const open = /^\/wind\/([0-9a-f-]{36})/.exec(pathname)?.[1];
  useEffect(() => {
    if (open === undefined) return;
    const timer = window.setTimeout(() => takeRunAlong(open, at).catch(() => {}), SOON);
    return () => window.clearTimeout(timer);
  }, [open, at]);
  useEffect(() => {
    const again = () => void deliverAll(open);
    again();
    window.addEventListener('online', again);
    const timer = window.setInterval(again, EVERY);
    return () => {
      window.removeEventListener('online', again);
      window.clearInterval(timer);
    };
  }, [open]);
  // a run says so itself, and goes on
  if (since === null || open !== undefined) return null;
  return (
    <p className={classes.since} role="status" data-testid="seen-since">
      The server can’t be reached. You see what was stored {moment(since)}. Changes have to wait.
    </p>
  );
}
