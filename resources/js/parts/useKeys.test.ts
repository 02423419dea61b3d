// @vitest-environment happy-dom
import { renderHook } from '@testing-library/react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { useKeys } from './useKeys';

/** Presses a key on a thing, and says what came of it. */
function pressed(html: string, key: string, code = key) {
  document.body.innerHTML = html;
  const act = vi.fn();
  const { unmount } = renderHook(() => useKeys([[code === ' ' ? 'Space' : code, act]]));
  const event = new KeyboardEvent('keydown', {
    key,
    code: code === ' ' ? 'Space' : code,
    bubbles: true,
    cancelable: true,
  });
  (document.body.firstElementChild ?? document.body).dispatchEvent(event);
  unmount();
  return { acted: act.mock.calls.length, kept: event.defaultPrevented };
}

afterEach(() => {
  document.body.innerHTML = '';
});

describe('keys without a modifier', () => {
  const PRESSABLE = [
    '<button>b</button>',
    '<a href="/">a</a>',
    '<summary>s</summary>',
    '<g role="slider"></g>',
    '<div role="button"></div>',
  ];

  it.each(PRESSABLE)('leave Space, Enter and the arrows to %s', (html) => {
    for (const key of [' ', 'Enter', 'ArrowLeft', 'ArrowRight']) {
      expect(pressed(html, key), key).toEqual({ acted: 0, kept: false });
    }
    // nothing is pressed with a letter
    expect(pressed(html, 'n').acted).toBe(1);
  });

  it.each(['<input>', '<textarea></textarea>', '<select></select>'])('leave every key to %s', (html) => {
    for (const key of [' ', 'Enter', 'ArrowLeft', 'n', 'Backspace']) {
      expect(pressed(html, key), key).toEqual({ acted: 0, kept: false });
    }
  });

  it('act everywhere else, and on what says so, and scroll nothing', () => {
    for (const html of ['', '<h1 tabindex="-1">h</h1>', '<button data-passes-keys>b</button>']) {
      for (const key of [' ', 'Enter', 'ArrowRight']) expect(pressed(html, key), key).toEqual({ acted: 1, kept: true });
    }
  });
});
