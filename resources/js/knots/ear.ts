/** A sound goes on to the next move only if it is this much louder than the room, and this long after the one before. */
const LOUDER = 4;
const LEAST = 0.06;
const REST_MS = 900;
/** So many times it only listens, to know the room. */
const FIRST = 15;

/** Tells knocks, claps and clicks from the noise of a room: sudden, much louder than what was there before. */
export class Ear {
  private room = 0.01;
  private heard = 0;
  private last = Number.NEGATIVE_INFINITY;

  /** @param samples between -1 and 1 @param now milliseconds @returns whether this is a knock */
  hears(samples: Float32Array, now: number): boolean {
    let peak = 0;
    for (const each of samples) peak = Math.max(peak, Math.abs(each));
    if (this.heard++ < FIRST) {
      this.room = Math.max(this.room, peak);
      return false;
    }
    const loud = peak > LEAST && peak > LOUDER * this.room;
    // the room is learnt slowly, and not from the knock itself
    if (!loud) this.room += 0.05 * (peak - this.room);
    if (!loud || now - this.last < REST_MS) return false;
    this.last = now;
    return true;
  }
}

/**
 * Listens until it is told to stop.
 *
 * @throws where there is no microphone, or it may not be used
 */
export async function listen(onKnock: () => void): Promise<() => void> {
  const stream = await navigator.mediaDevices.getUserMedia({
    audio: { echoCancellation: false, noiseSuppression: false },
  });
  const context = new AudioContext();
  const analyser = context.createAnalyser();
  analyser.fftSize = 1024;
  context.createMediaStreamSource(stream).connect(analyser);
  const ear = new Ear();
  const samples = new Float32Array(analyser.fftSize);
  const timer = setInterval(() => {
    analyser.getFloatTimeDomainData(samples);
    if (ear.hears(samples, performance.now())) onKnock();
  }, 20);
  return () => {
    clearInterval(timer);
    for (const track of stream.getTracks()) track.stop();
    void context.close();
  };
}
