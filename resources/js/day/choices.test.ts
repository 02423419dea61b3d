import { describe, expect, it } from 'vitest';
import { own, read, written } from './choices';
import { refOf, sourceOf } from './refs';

describe('what was chosen on a bench day', () => {
  it('comes back from the address as it was written', () => {
    const choices = [
      { job: 'spool:3', part: 'main', source: 'filler:12' },
      { job: 'spool:3', part: 'backing', source: 'pack:2' },
    ] as const;
    expect(read(written([...choices]))).toEqual(choices);
    expect(read('')).toEqual([]);
    expect(written([])).toBe('');
  });

  it('leaves out what somebody else made of the address', () => {
    expect(read('nonsense;a|b;spool:1|main|filler:2;|||')).toEqual([
      { job: 'spool:1', part: 'main', source: 'filler:2' },
    ]);
    expect(own('{')).toEqual({});
    expect(own('3')).toEqual({});
    expect(own('{"4":{"length":"80 m"}}')).toEqual({ 4: { length: '80 m' } });
  });

  it('pins a pack whatever its copy', () => {
    expect(sourceOf('pack:2:1')).toBe('pack:2');
    expect(sourceOf('filler:21')).toBe('filler:21');
    expect(refOf('pack:2:1')).toEqual({ kind: 'pack', id: 2 });
    expect(refOf('spool:x')).toBeNull();
  });
});
