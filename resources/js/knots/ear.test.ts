import { describe, expect, it } from 'vitest';
import { Ear } from './ear';

const noise = (loud: number) => Float32Array.from({ length: 64 }, (_, i) => loud * Math.sin(i));

describe('an ear for knocks', () => {
  it('hears a knock in a quiet room, once', () => {
    const ear = new Ear();
    for (let i = 0; i < 20; ++i) expect(ear.hears(noise(0.004), 20 * i)).toBe(false);
    expect(ear.hears(noise(0.5), 400)).toBe(true);
    // its echo, and a bounce
    expect(ear.hears(noise(0.4), 440)).toBe(false);
    expect(ear.hears(noise(0.5), 1000)).toBe(false);
    expect(ear.hears(noise(0.5), 2000)).toBe(true);
  });

  it('gets used to a noisy room, and still hears what is much louder', () => {
    const ear = new Ear();
    const heard = Array.from({ length: 200 }, (_, i) => ear.hears(noise(0.05 + 0.01 * (i % 3)), 20 * i));
    expect(heard.some(Boolean)).toBe(false);
    expect(ear.hears(noise(0.15), 5000)).toBe(false);
    expect(ear.hears(noise(0.9), 6000)).toBe(true);
  });
});
