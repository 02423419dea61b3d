const STYLE = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });
const SHORT = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short' });

/** A day as people write it, the same everywhere: 11 Jul 2026. */
export const day = (iso: string | null | undefined) => (iso ? STYLE.format(new Date(iso)) : '');

const TIME = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });

/** A day with its time: 11 Jul, 19:30. */
export const moment = (iso: string) => TIME.format(new Date(iso));

/** The same without its year, where there is little room. */
export const shortDay = (at: number) => SHORT.format(new Date(at));
