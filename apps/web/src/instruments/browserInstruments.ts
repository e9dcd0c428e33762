import { alarmAt, isAwake, primeAlarm } from './alarm.js';
import { askToNotify, notify } from './notify.js';
import { speak } from './speak.js';
import type { Instruments } from './instruments.js';
import { keepAwake } from './keepAwake.js';

/** The instruments of a browser: its sound, its vibration, its wake lock. */
export const browserInstruments: Instruments = {
  primeAlarm,
  isAwake,
  alarmAt,
  speak,
  askToNotify,
  notify,
  keepAwake,
};
