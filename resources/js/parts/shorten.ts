/** More than any one character is long, in UTF-16 units. */
const LONGEST = 64;

/** As much of a text as fits, in UTF-16 units; no character, as people see them, is cut in two. */
export function shorten(text: string, most: number): string {
  if (text.length <= most) return text;
  let kept = 0;
  for (const { segment } of new Intl.Segmenter().segment(text.slice(0, most + LONGEST))) {
    if (kept + segment.length > most) break;
    kept += segment.length;
  }
  return text.slice(0, kept);
}
