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
    const queue = queueOf('r', store(), id);
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
    const queue = queueOf('r', store(), id);
    queue.add({ kind: 'turns', turns: 5 });
    queue.add({ kind: 'stopped', stop: 'at_mark' });
    queue.add({ kind: 'turns', turns: 1 });
    expect(queue.next().map((mark) => mark.kind)).toEqual(['turns', 'stopped', 'turns']);
  });

  it('loses nothing when the window is closed, and sends the same ids again', () => {
    const shared = store();
    const before = queueOf('r', shared, id);
    before.add({ kind: 'turns', turns: 7 });
    const sent = before.next();
    const after = queueOf('r', shared, id);
    expect(after.next().map((mark) => mark.id)).toEqual(sent.map((mark) => mark.id));
    expect(after.turns()).toBe(7);
    after.add({ kind: 'turns', turns: 1 });
    expect(after.next().at(-1)?.id).not.toBe(sent[0]?.id);
    after.gone(after.next());
    expect(shared.length).toBe(0);
  });

  it('loses nothing in two windows at once, nor when one of them is closed', () => {
    const shared = store();
    // what the server knows: a mark counts as it came first
    const server = new Map<string, number>();
    const send = (queue: ReturnType<typeof queueOf>) => {
      const due = queue.next();
      for (const mark of due) if (!server.has(mark.id)) server.set(mark.id, mark.turns ?? 0);
      return due;
    };
    const first = queueOf('r', shared, id);
    first.add({ kind: 'turns', turns: 1 });
    // the tab is duplicated, and both are used
    const second = queueOf('r', shared, id);
    const early = send(second);
    first.add({ kind: 'turns', turns: 2 });
    second.add({ kind: 'turns', turns: 4 });
    first.gone(send(first));
    second.gone(early);
    first.add({ kind: 'turns', turns: 8 });
    // both are closed, and the run is opened again
    const later = queueOf('r', shared, id);
    later.gone(send(later));
    expect([...server.values()].reduce((sum, turns) => sum + turns, 0)).toBe(15);
    expect(shared.length).toBe(0);
  });

  it('goes on from memory where the device has no room left', () => {
    const full = store();
    full.setItem = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    const queue = queueOf('r', full, id);
    queue.add({ kind: 'turns', turns: 5 });
    queue.add({ kind: 'turns', turns: 2 });
    queue.add({ kind: 'left' });
    expect(queue.turns()).toBe(7);
    const [first] = queue.next(1);
    if (first) queue.refuse(first, 'why');
    queue.gone(queue.next());
    expect(queue.empty()).toBe(true);
  });

  it('leaves other runs alone', () => {
    const shared = store();
    queueOf('other', shared, id).add({ kind: 'turns', turns: 7 });
    expect(queueOf('r', shared, id).next()).toEqual([]);
    expect(shared.length).toBe(1);
  });

  it('survives what it cannot read', () => {
    const shared = store();
    shared.setItem('undro-run r a', '{broken');
    expect(queueOf('r', shared, id).next()).toEqual([]);
  });
});

describe('what is told late', () => {
  it('does not add turns of one layer to those of another', () => {
    const queue = queueOf('r', store(), id);
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
    const queue = queueOf('r', kept, id);
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
