import { describe, expect, it } from 'vitest';
import { putAway, queueOf, refused, sent, waitingMarks, waitingRuns } from './queue';

function store() {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
    key: (index: number) => [...kept.keys()][index] ?? null,
    get length() {
      return kept.size;
    },
  };
}
let ids = 0;
const id = () => `id-${++ids}`;

describe('marks on their way', () => {
  it('adds turns up until they are sent, then begins anew', () => {
    const queue = queueOf('r', 'a', store(), id);
    queue.add({ kind: 'turns', turns: 1 });
    queue.add({ kind: 'turns', turns: 2 });
    const sent = queue.next();
    expect(sent.map((mark) => mark.turns)).toEqual([3]);
    queue.add({ kind: 'turns', turns: 1 });
    expect(queue.turns()).toBe(4);
    queue.gone(sent);
    expect(queue.turns()).toBe(1);
    expect(queue.next()[0]?.id).not.toBe(sent[0]?.id);
  });

  it('keeps the order of what happened', () => {
    const queue = queueOf('r', 'a', store(), id);
    queue.add({ kind: 'turns', turns: 5 });
    queue.add({ kind: 'stopped', stop: 'at_mark' });
    queue.add({ kind: 'turns', turns: 1 });
    expect(queue.next().map((mark) => mark.kind)).toEqual(['turns', 'stopped', 'turns']);
  });

  it('loses nothing when the window is closed, and sends the same ids again', () => {
    const shared = store();
    const before = queueOf('r', 'a', shared, id);
    before.add({ kind: 'turns', turns: 7 });
    const sent = before.next();
    const after = queueOf('r', 'b', shared, id);
    expect(after.next().map((mark) => mark.id)).toEqual(sent.map((mark) => mark.id));
    expect(after.turns()).toBe(7);
    after.add({ kind: 'turns', turns: 1 });
    expect(after.next().at(-1)?.id).not.toBe(sent[0]?.id);
    after.gone(after.next());
    expect(shared.length).toBe(0);
  });

  it('leaves other runs alone', () => {
    const shared = store();
    queueOf('other', 'a', shared, id).add({ kind: 'turns', turns: 7 });
    expect(queueOf('r', 'a', shared, id).next()).toEqual([]);
    expect(shared.length).toBe(1);
  });

  it('survives what it cannot read', () => {
    const shared = store();
    shared.setItem('undro-run r a', '{broken');
    expect(queueOf('r', 'a', shared, id).next()).toEqual([]);
  });
});

describe('what is told late', () => {
  it('does not add turns of one layer to those of another', () => {
    const queue = queueOf('r', 'a', store(), id);
    queue.add({ kind: 'turns', turns: 5, layer: 0 });
    queue.add({ kind: 'turns', turns: 2, layer: 1 });
    expect(queue.next().map((mark) => [mark.layer, mark.turns])).toEqual([
      [0, 5],
      [1, 2],
    ]);
  });

  it('says how long ago it was, whatever the clock says', () => {
    const now = Date.now();
    expect(sent({ id: 'x', kind: 'turns', turns: 1, told_at: now - 90_000 })).toEqual({
      id: 'x',
      kind: 'turns',
      turns: 1,
      ago_s: 90,
    });
    expect(sent({ id: 'x', kind: 'left', told_at: now + 90_000 }).ago_s).toBe(0);
  });

  it('keeps what was not taken until it was looked at, and counts what waits', () => {
    const kept = store();
    const queue = queueOf('r', 'a', kept, id);
    queue.add({ kind: 'turns', turns: 5 });
    queue.add({ kind: 'left' });
    expect(waitingMarks(kept)).toBe(2);
    expect(waitingRuns(kept)).toEqual(['r']);
    const [first] = queue.next(1);
    if (first) queue.refuse(first, 'why');
    expect(refused('r', kept).map((each) => each.why)).toEqual(['why']);
    expect(queue.all().map((mark) => mark.kind)).toEqual(['left']);
    putAway('r', kept);
    expect(refused('r', kept)).toEqual([]);
  });
});
