// @vitest-environment happy-dom
import { MantineProvider } from '@mantine/core';
import { act, cleanup, renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Film, Stage } from '../drawings/knot/film';
import { useTying } from './useTying';

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

const stage = (move: number) => ({ move, begins: 2 * move, ends: 2 * move + 2 }) as Stage;
const film = { lines: [], props: [], stages: [0, 1, 2, 3].map(stage), length: 8 } as Film;

describe('a knot’s film', () => {
  it('goes on to the next move at “Next”, also while one is drawn', () => {
    // no frame comes by itself: whatever is drawn stays under way
    vi.stubGlobal('requestAnimationFrame', () => 1);
    vi.stubGlobal('cancelAnimationFrame', () => {});
    const { result } = renderHook(() => useTying(film, 4, false), { wrapper: MantineProvider });
    expect(result.current.clock.at).toBe(2);
    act(() => result.current.next());
    expect([result.current.clock.at, result.current.playing]).toEqual([2, true]);
    // the second move is done at once, and the third begins
    act(() => result.current.next());
    expect([result.current.clock.at, result.current.playing]).toEqual([4, true]);
    act(() => result.current.next());
    act(() => result.current.next());
    // the last one: it is done, and nothing comes after it
    expect([result.current.clock.at, result.current.playing, result.current.last]).toEqual([8, false, true]);
  });
});
