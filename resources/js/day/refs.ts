/** What a proposal speaks of: a spool that is filled, a filler it is cut from, a line, or a pack by its place in the list. */
export interface Ref {
  kind: 'spool' | 'filler' | 'line' | 'pack';
  id: number;
}

const KINDS: readonly string[] = ['spool', 'filler', 'line', 'pack'] satisfies Ref['kind'][];

/** Read from the name that the server and the address give it; null where it is none. A pack's copy is left out. */
export function refOf(name: string): Ref | null {
  const [kind = '', id = ''] = name.split(':');
  return KINDS.includes(kind) && /^\d+$/.test(id) ? { kind: kind as Ref['kind'], id: Number(id) } : null;
}

export const nameOf = ({ kind, id }: Ref): string => `${kind}:${id}`;

/** Whether a name is of this. */
export const is = (name: string, kind: Ref['kind'], id: number): boolean => {
  const ref = refOf(name);
  return ref?.kind === kind && ref.id === id;
};

/** A source without its copy: what a pin names. */
export const sourceOf = (source: string): string => {
  const ref = refOf(source);
  return ref === null ? source : nameOf(ref);
};
