import { deviceNowMs } from '../storage/deviceClock.js';

/** Sound and vibration at the end of a stage, with the tab in the background too. */

let context: AudioContext | undefined;
let ticker: Worker | undefined;
let rung = 0;

/** Wakes the sound (Instruments.primeAlarm). */
export function primeAlarm(): void {
  if (typeof AudioContext === 'undefined') return;
  context ??= new AudioContext();
  if (context.state === 'suspended') void context.resume();
}

/** Whether it would be heard (Instruments.isAwake). A browser without sound has nothing to wake. */
export const isAwake = (): boolean => typeof AudioContext === 'undefined' || context?.state === 'running';

/** Three rising strokes on a pot lid, and the same in vibration. */
function ring(): void {
  rung += 1;
  document.documentElement.dataset['rung'] = rung.toString();
  if ('vibrate' in navigator) navigator.vibrate([400, 200, 400, 200, 700]);
  if (!context) return;
  const start = context.currentTime + 0.05;
  for (const [i, hertz] of [660, 880, 1100].entries()) strike(context, hertz, start + i * 0.45);
}

function strike(on: AudioContext, hertz: number, at: number): void {
  const tone = on.createOscillator();
  const loudness = on.createGain();
  tone.type = 'triangle';
  tone.frequency.value = hertz;
  loudness.gain.setValueAtTime(0.0001, at);
  loudness.gain.exponentialRampToValueAtTime(0.5, at + 0.02);
  loudness.gain.exponentialRampToValueAtTime(0.0001, at + 0.42);
  tone.connect(loudness).connect(on.destination);
  tone.start(at);
  tone.stop(at + 0.45);
}

/** Rings at `dueAtMs` (Instruments.alarmAt). */
export function alarmAt(dueAtMs: number | undefined): void {
  if (typeof Worker === 'undefined') return;
  ticker ??= startTicker();
  ticker.postMessage({ dueAtMs: dueAtMs !== undefined && dueAtMs > deviceNowMs() ? dueAtMs : undefined });
}

function startTicker(): Worker {
  const worker = new Worker(new URL('../workers/ticker.worker.ts', import.meta.url), { type: 'module' });
  worker.addEventListener('message', ring);
  return worker;
}
