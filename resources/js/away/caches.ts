/** Answers as they were seen last. */
export const SEEN = 'undro-seen';
/** What calculators worked out, by their questions. */
export const WORKED = 'undro-worked';
/** The page that opens where nobody answers. */
export const PAGE = 'undro-page';
/** Whose all of it is. */
export const WHO = 'undro-who';
/** A page that reports to the worker, and one that signs out: nothing is stored from then until a page reports again. */
export const HERE = 'here';
export const SIGNED_OUT = 'signed-out';
