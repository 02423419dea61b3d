// @vitest-environment happy-dom
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { useCount } from './useCount';

vi.mock('./sound', () => ({ tick: vi.fn() }));

const told: { kind: string; turns?: number; pace?: number }[] = [];
const tell = (mark: { kind: string; turns?: number; pace?: number }) => {
  told.push(mark);
};
const counting = (props: { soFar?: number; left?: number | null } = {}) =>
  renderHook(
    (now: { soFar?: number; left?: number | null }) =>
      useCount({ tell, pace: 60, sound: false, slow: false, soFar: now.soFar ?? 0, left: now.left ?? null }),
    { initialProps: props },
  );
const turns = () => told.reduce((sum, mark) => sum + (mark.turns ?? 0), 0);

beforeEach(() => {
  told.length = 0;
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
  cleanup();
});

describe('counting handle turns', () => {
  it('tells each tap as one turn', () => {
    const { result } = counting();
    for (const at of [1000, 2000, 3000]) act(() => result.current.tap({ timeStamp: at }));
    expect(turns()).toBe(3);
    expect(told.every((mark) => mark.kind === 'turns')).toBe(true);
  });

  it('takes a key that is held down for one tap', () => {
    const { result } = counting();
    for (let at = 1000; at < 4000; at += 250) act(() => result.current.tap({ timeStamp: at, repeat: at > 1000 }));
    expect(turns()).toBe(1);
  });

  it('says that a wet bounce is not counted, until the next turn', () => {
    const { result } = counting();
    act(() => result.current.tap({ timeStamp: 1000 }));
    expect(result.current.bounced).toBe(false);
    act(() => result.current.tap({ timeStamp: 1060 }));
    expect(result.current.bounced).toBe(true);
    expect(turns()).toBe(1);
    act(() => result.current.tap({ timeStamp: 1400 }));
    expect(result.current.bounced).toBe(false);
  });

  it('goes on by the beat, at the pace there is, until it is held', () => {
    const { result } = counting();
    act(() => result.current.start());
    act(() => vi.advanceTimersByTime(5100));
    expect(turns()).toBe(5);
    act(() => result.current.stop());
    act(() => vi.advanceTimersByTime(5000));
    expect(turns()).toBe(5);
    expect(result.current.running).toBe(false);
  });

  it('keeps its pace within what a hand can do', () => {
    const { result } = counting();
    act(() => result.current.setPace(1000));
    expect(result.current.pace).toBe(200);
    act(() => result.current.setPace(1));
    expect(result.current.pace).toBe(10);
    expect(told.map((mark) => mark.pace)).toEqual([200, 10]);
  });

  it('takes a turn back only where there is one', () => {
    const { result, rerender } = counting({ soFar: 0 });
    act(() => void result.current.back());
    expect(turns()).toBe(0);
    rerender({ soFar: 3 });
    act(() => void result.current.back());
    expect(turns()).toBe(-1);
  });

  it('ends the beat at the stop by itself', () => {
    const { result, rerender } = counting({ left: 2 });
    act(() => result.current.start());
    expect(result.current.running).toBe(true);
    rerender({ left: 0 });
    expect(result.current.running).toBe(false);
  });
});
