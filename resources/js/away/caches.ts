/** Answers as they were seen last. */
export const SEEN = 'undro-seen';
/** What calculators worked out, by their questions. */
export const WORKED = 'undro-worked';
/** The page that opens where nobody answers. */
export const PAGE = 'undro-page';
/** Whose all of it is. */
export const WHO = 'undro-who';
/** What a page tells the worker: that it is open, and that somebody signs out. Then nothing is stored until a page reports that is signed in. */
export const HERE = 'here';
export const SIGNED_OUT = 'signed-out';
