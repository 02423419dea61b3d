const meta = (name: string): HTMLMetaElement | null =>
  typeof document === 'undefined' ? null : document.querySelector<HTMLMetaElement>(`meta[name="${name}"]`);

/** The household that is signed in to; null: Undro runs for this computer alone, and nobody signs in. */
export const household = meta('household')?.content ?? null;
/** What tells it from another that signs in on this device. */
export const householdId = meta('household')?.dataset.id ?? null;
/** Who is signed in. */
export const person = meta('person')?.content ?? null;
