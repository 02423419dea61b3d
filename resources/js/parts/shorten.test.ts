import { expect, test } from 'vitest';
import { shorten } from './shorten';

test('a text is shortened between characters, never within one', () => {
  expect(shorten('Skerry', 10)).toBe('Skerry');
  expect(shorten('Skerry', 3)).toBe('Ske');
  for (const character of ['🎣', '👩‍👩‍👧', 'é', '🇫🇮']) {
    for (let most = 0; most < 14; most++) {
      const short = shorten(character.repeat(3), most);
      expect(short.length).toBeLessThanOrEqual(most);
      expect(short.length % character.length).toBe(0);
      expect(() => encodeURIComponent(short)).not.toThrow();
    }
  }
});
