import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { timeBy } from '../storage/deviceClock.js';

/** A worker that only says what it was told, and can be made to answer. */
const told: unknown[] = [];
let answers: (() => void) | undefined;
class StandInWorker {
  addEventListener(_kind: string, heard: () => void): void {
    answers = heard;
  }
  postMessage(message: unknown): void {
    told.push(message);
  }
}

/** A sound card that writes down what it would have played: hertz, from when and until when, s. */
let strokes: { hertz: number; from: number; to: number; loudest: number }[] = [];
const resume = jest.fn(() => Promise.resolve());
class StandInSound {
  state = 'suspended';
  currentTime = 10;
  resume = resume;
  destination = {};
  createOscillator() {
    const stroke = { hertz: 0, from: 0, to: 0, loudest: 0 };
    strokes.push(stroke);
    return {
      frequency: {
        set value(hertz: number) {
          stroke.hertz = hertz;
        },
      },
      connect: (next: unknown) => next,
      start: (at: number) => (stroke.from = at),
      stop: (at: number) => (stroke.to = at),
    };
  }
  createGain() {
    const gain = {
      setValueAtTime: () => undefined,
      exponentialRampToValueAtTime: (to: number) => {
        const last = strokes.at(-1);
        if (last) last.loudest = Math.max(last.loudest, to);
      },
    };
    return { gain, connect: (next: unknown) => next };
  }
}

const vibrate = jest.fn(() => true);

/** The alarm as a page that was just opened has it: its sound asleep, its ticker not started. */
async function freshAlarm() {
  jest.resetModules();
  const clock = await import('../storage/deviceClock.js');
  clock.timeBy(() => 1000);
  return import('./alarm.js');
}

beforeEach(() => {
  told.length = 0;
  strokes = [];
  answers = undefined;
  delete document.documentElement.dataset['rung'];
  jest.clearAllMocks();
  Object.assign(globalThis, { Worker: StandInWorker, AudioContext: StandInSound });
  Object.defineProperty(navigator, 'vibrate', { value: vibrate, configurable: true });
});

afterEach(() => {
  Reflect.deleteProperty(globalThis, 'Worker');
  Reflect.deleteProperty(globalThis, 'AudioContext');
  Reflect.deleteProperty(navigator, 'vibrate');
  timeBy(() => Date.now());
});

describe('the alarm', () => {
  it('is set for what is to come, called off, and never set for what is past', async () => {
    const { alarmAt } = await freshAlarm();
    alarmAt(1001);
    alarmAt(undefined);
    alarmAt(1000);
    alarmAt(999);
    expect(told).toEqual([
      { dueAtMs: 1001 },
      { dueAtMs: undefined },
      { dueAtMs: undefined },
      { dueAtMs: undefined },
    ]);
  });

  it('strikes three times, each higher and after the one before, and vibrates', async () => {
    const { alarmAt, primeAlarm } = await freshAlarm();
    primeAlarm();
    expect(resume).toHaveBeenCalledTimes(1);
    alarmAt(2000);
    answers?.();
    expect(strokes).toHaveLength(3);
    const [first, second, third] = strokes;
    for (const [a, b] of [
      [first, second],
      [second, third],
    ]) {
      expect(b!.hertz).toBeGreaterThan(a!.hertz);
      expect(b!.from).toBeGreaterThanOrEqual(a!.to);
    }
    expect(first!.from).toBeGreaterThanOrEqual(10);
    for (const { from, to, loudest } of strokes) {
      expect(to).toBeGreaterThan(from);
      expect(loudest).toBeGreaterThan(0.1);
    }
    expect(vibrate).toHaveBeenCalledTimes(1);
    answers?.();
    expect(document.documentElement.dataset['rung']).toBe('2');
  });

  it('says so without a sound where the sound was never woken, and does nothing where there is neither', async () => {
    const { alarmAt, primeAlarm } = await freshAlarm();
    Reflect.deleteProperty(globalThis, 'AudioContext');
    Reflect.deleteProperty(navigator, 'vibrate');
    primeAlarm();
    alarmAt(2000);
    answers?.();
    expect(strokes).toEqual([]);
    expect(document.documentElement.dataset['rung']).toBe('1');
    Reflect.deleteProperty(globalThis, 'Worker');
    alarmAt(3000);
    expect(told).toHaveLength(1);
  });
});
