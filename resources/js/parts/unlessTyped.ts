/** A field once its text was taken: empty, but where something else was typed while it went out. */
export const unlessTyped =
  (sent: string, empty = '') =>
  (now: string) =>
    now === sent ? empty : now;
