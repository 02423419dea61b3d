import { describe, expect, it } from 'vitest';
import { newId } from './newId';

describe('a fresh id', () => {
  it('is a UUID of version 4, and never the same twice', () => {
    const ids = Array.from({ length: 2000 }, newId);
    for (const id of ids) expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
    expect(new Set(ids).size).toBe(2000);
  });
});
