/** Places whose address holds what is typed there. */
const HOLD = ['plan', 'drag'];

/** What is on the bench, as a key. */
export const benchKey = (reel?: number, spool?: number) => `${reel ?? ''}-${spool ?? ''}`;

const place = (pathname: string) => pathname.split('/')[1] ?? '';
const under = (pathname: string, bench: string) => `undro-typed ${place(pathname)} ${bench}`;

/** A place is left, or another reel is picked: what is typed there is kept with what was on the bench, as long as the window is open. */
export function keepTyped({ pathname, search }: { pathname: string; search: string }, bench: string): void {
  if (HOLD.includes(place(pathname))) sessionStorage.setItem(under(pathname, bench), pathname + search);
}

/** Where what was typed for this reel stands; null: nothing was. */
export const typedFor = (pathname: string, bench: string): string | null =>
  HOLD.includes(place(pathname)) ? sessionStorage.getItem(under(pathname, bench)) : null;

/** It was wound: the next plan for this reel begins anew. */
export const forgetTyped = (pathname: string, bench: string): void => sessionStorage.removeItem(under(pathname, bench));
