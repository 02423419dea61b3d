/** So many elements that had focus are remembered. */
const MOST = 30;

interface Had {
  at: HTMLElement;
  name: string;
  /** what has focus now stands in its place */
  replaced: boolean;
}

const nameOf = (at: HTMLElement) => at.getAttribute('aria-label') ?? at.textContent?.trim().slice(0, 60) ?? '';
const canTake = (at: HTMLElement) =>
  at.isConnected && at.getClientRects().length > 0 && !at.matches(':disabled') && at.closest('[inert]') === null;

/**
 * Gives focus back: where what had it is closed or taken away, it goes to what had it before, or to what stands there again under
 * the same name. One place for searches, dialogs, forms and notices.
 *
 * @returns stops it
 */
export function giveFocusBack(page: Document = document): () => void {
  let had: Had[] = [];
  let left = false;
  const come = ({ target }: FocusEvent) => {
    if (!(target instanceof HTMLElement)) return;
    left = false;
    const last = had.at(-1);
    if (last && !last.at.isConnected) last.replaced = true;
    had = [...had.filter((each) => each.at !== target), { at: target, name: nameOf(target), replaced: false }].slice(
      -MOST,
    );
  };
  const go = ({ target, relatedTarget }: FocusEvent) => {
    // whoever presses on nothing has left by themselves; a button that is busy has only let go of it
    if (relatedTarget === null && target instanceof HTMLElement)
      setTimeout(() => {
        if (canTake(target) && page.activeElement === page.body) left = true;
      });
  };
  const same = (each: Had) =>
    [...page.querySelectorAll<HTMLElement>(each.at.tagName)].find((at) => nameOf(at) === each.name && canTake(at));
  const look = () => {
    if (left || (page.activeElement !== page.body && page.activeElement !== null)) return;
    if (had.at(-1)?.at.isConnected !== false) return;
    for (const each of [...had].reverse()) {
      const to = canTake(each.at) ? each.at : each.replaced ? same(each) : undefined;
      if (to) {
        to.focus({ preventScroll: true });
        return;
      }
    }
    // all of it is gone: the place begins at its heading
    onHeading(page.getElementById('work'));
  };
  // whatever opens in its place takes focus first
  const changed = new MutationObserver(() => setTimeout(look));
  changed.observe(page.body, { childList: true, subtree: true });
  page.addEventListener('focusin', come);
  page.addEventListener('focusout', go);
  return () => {
    changed.disconnect();
    page.removeEventListener('focusin', come);
    page.removeEventListener('focusout', go);
  };
}

function onHeading(work: HTMLElement | null): boolean {
  const heading = work?.querySelector<HTMLElement>('h1');
  if (!heading) return false;
  heading.tabIndex = -1;
  heading.focus({ preventScroll: true });
  return true;
}

/** A heading that comes later than this is not waited for, ms. */
const PATIENCE = 4000;

/**
 * A place or a step is come to: at its top, with focus on its heading, so that it is announced.
 *
 * @returns waits for it no longer
 */
export function arrive(work: HTMLElement): () => void {
  work.scrollTop = 0;
  const begun = document.activeElement;
  const stop = () => {
    later.disconnect();
    clearTimeout(timer);
  };
  const take = () => {
    // who has begun to type, or gone on, is left there
    const at = document.activeElement;
    if (at !== null && at !== begun && at !== document.body && at.matches('input, textarea, select')) return stop();
    if (!onHeading(work)) return;
    work.scrollTop = 0;
    stop();
  };
  const later = new MutationObserver(take);
  later.observe(work, { childList: true, subtree: true });
  const timer = setTimeout(stop, PATIENCE);
  take();
  return stop;
}
