import type { PendingWrite } from '../../sync/pendingWrite.js';
import { short } from '../measures/numbers.js';

/** What is kept where, as far as it can be told. */
export interface KeptWhere {
  readonly writes: readonly PendingWrite[];
  readonly reachable: boolean;
  /** False when something could not be written down on this device. */
  readonly kept: boolean;
  /** Of the browser's own storage. */
  readonly keeps: 'kept' | 'full' | 'none';
  /** True while something is being typed that is no write yet. */
  readonly typing?: boolean;
}

export type KeepingCode =
  'stored' | 'unsettled' | 'sending' | 'waiting' | 'deviceOnly' | 'serverOnly' | 'nowhere';

/** Where what was done last is kept: the one state to be told, the worst that is so. */
export function keepingCode({ writes, reachable, kept, keeps, typing = false }: KeptWhere): KeepingCode {
  const waiting = writes.filter((l) => l.state.kind === 'waiting');
  const onDevice = kept && keeps === 'kept';
  if (!reachable) return onDevice ? 'deviceOnly' : 'nowhere';
  if (!onDevice) return waiting.some((l) => l.tries > 0) ? 'nowhere' : 'serverOnly';
  if (waiting.length === 0) {
    if (writes.length > 0) return 'unsettled';
    return typing ? 'sending' : 'stored';
  }
  return waiting.some((l) => l.tries > 0) ? 'waiting' : 'sending';
}

const changes = (n: number): string => `${n.toString()} ${n === 1 ? 'change' : 'changes'}`;

/** One sentence for each state; whether it is the server's disk that is full. */
export function keepingText(code: KeepingCode, waiting: number, isFull = false): string {
  const is = waiting === 1 ? 'is' : 'are';
  switch (code) {
    case 'stored':
      return 'Everything is stored.';
    case 'unsettled':
      return 'Not everything is stored: what is not waits for your answer above.';
    case 'sending':
      return `${changes(waiting)} ${is} on the way to be stored.`;
    case 'waiting':
      if (isFull)
        return `The disk is full where Hammock runs: make room there. ${changes(waiting)} ${is} kept on this device and sent again by itself.`;
      return `${changes(waiting)} ${is} waiting to be stored: the server could not take ${waiting === 1 ? 'it' : 'them'} yet. Kept on this device and sent again by itself.`;
    case 'deviceOnly':
      return waiting === 0
        ? 'The server is not answering. Go on cooking: everything you do is kept on this device and sent when it is back.'
        : `The server is not answering. ${changes(waiting)} ${is} kept on this device only, and sent when it is back. Go on cooking.`;
    case 'serverOnly':
      return 'This device has no room to keep anything. What you do is stored by the server; if that stops answering, keep this page open.';
    case 'nowhere':
      return 'Not kept: this device has no room and the server is not taking anything. Keep this page open until one of them does; closing it loses what you did last.';
  }
}

/** What is said of something written before the household was erased, replaced or put back. */
export const OF_BEFORE =
  'After that everything was erased, replaced or put back, here or on another device: it was not stored.';

/** Fields as a cook calls them; what is not here is called by its own name. */
const FIELD: Readonly<Record<string, string>> = {
  label: 'name',
  note: 'note',
  blurb: 'line about it',
  pouredMl: 'poured',
  outcome: 'how it came out',
  abandoned: 'given up',
  grainId: 'grain',
  openedOn: 'opened on',
  amylose: 'its starch',
  diameterCm: 'inside width',
  volumeMl: 'holds',
  lid: 'lid',
  wall: 'wall',
  kind: 'kind',
  powerW: 'power',
  ml: 'holds',
  parts: 'parts',
  stepMl: 'marks every',
  altitudeM: 'height above the sea',
  fingerMm: 'first joint of your finger',
  roomC: 'kitchen',
  texture: 'texture',
  softerSteps: 'steps softer',
  textureNames: 'words for texture',
  packets: 'what jars hold',
  served: 'served',
  metric: 'g and ml first',
  dishId: 'dish',
  bagId: 'bag',
  vesselId: 'pot',
  hobId: 'burner',
  vessel: 'pot',
  hob: 'burner',
  grain: 'amount of grain',
  portions: 'people',
  ingredients: 'what goes in',
  pourWith: 'liquid',
  stages: 'stages',
  soakMin: 'soak',
  leanMl: 'poured more or less than worked out',
};

/** Name of a field by its path, such as `input.soakMin`. */
export function fieldText(path: string): string {
  const key = path.split('.').at(-1) ?? path;
  const known = FIELD[key];
  if (known !== undefined) return known;
  return key.replaceAll(/([A-Z])/gu, ' $1').toLowerCase();
}

/** A reason of the server, its field under the name a cook has for it. */
export const reasonText = (reason: string): string =>
  reason.replace(/^[\w.[\]]+(?=: )/u, (path) => fieldText(path));

const UNIT: readonly (readonly [RegExp, string])[] = [
  [/(?:Ml|^ml)$/u, 'ml'],
  [/Cm$/u, 'cm'],
  [/Min$/u, 'min'],
  [/[a-z]C$/u, '°C'],
  [/[a-z]M$/u, 'm'],
  [/(?:G|^g)$/u, 'g'],
];

/** A value as it can be read beside another one. `nameOf` knows what ids stand for. */
export function valueText(path: string, value: unknown, nameOf: (id: string) => string): string {
  const key = path.split('.').at(-1) ?? path;
  if (value === undefined || value === null || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number') {
    const unit = UNIT.find(([ending]) => ending.test(key))?.[1];
    const shown = short(value);
    return unit === undefined ? shown : `${shown} ${unit}`;
  }
  if (typeof value === 'string') return nameOf(value);
  if (Array.isArray(value))
    return value.length === 0 ? 'nothing' : value.map((v) => itemText(v, nameOf)).join(', ');
  return itemText(value, nameOf);
}

/** A list's item, or an object, by what names it. */
function itemText(value: unknown, nameOf: (id: string) => string): string {
  if (typeof value !== 'object' || value === null) return valueText('', value, nameOf);
  const fields = value as Record<string, unknown>;
  const named = ['label', 'name', 'ingredientId', 'act', 'text'].find(
    (key) => typeof fields[key] === 'string',
  );
  if (named !== undefined) return nameOf(String(fields[named]));
  return Object.entries(fields)
    .filter(([, v]) => v !== undefined && v !== null && v !== '')
    .map(([key, v]) => (key === 'g' || key === 'ml' ? '' : `${fieldText(key)} `) + valueText(key, v, nameOf))
    .join(', ');
}

/** A copy by its day and size: "26 November, 18:42, 0.4 MB". */
export function copyText({ madeAtMs, bytes }: { readonly madeAtMs: number; readonly bytes: number }): string {
  const at = new Date(madeAtMs);
  const day = at.toLocaleDateString('en-GB', { day: 'numeric', month: 'long' });
  const time = at.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  const mega = bytes / 1e6;
  return `${day}, ${time}, ${mega.toLocaleString('en', { maximumFractionDigits: mega < 10 ? 1 : 0 })} MB`;
}
