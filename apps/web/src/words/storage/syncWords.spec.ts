import { describe, expect, it } from '@jest/globals';
import { written, type PendingWrite, type PendingWriteState } from '../../sync/pendingWrite.js';
import { fieldText, keepingCode, keepingText, reasonText, valueText, type KeptWhere } from './syncWords.js';

const write = (tries = 0, state: PendingWriteState = { kind: 'waiting' }): PendingWrite => ({
  ...written({ key: 'k', thread: 'k', label: 'Pot', method: 'PUT', path: '/api/k' }, [], {
    id: 'k',
    tab: 't',
    nowMs: 0,
    inFlight: undefined,
  }).write,
  tries,
  state,
});
const at = (over: Partial<KeptWhere>): KeptWhere => ({
  writes: [],
  reachable: true,
  kept: true,
  keeps: 'kept',
  ...over,
});

describe('what is kept where', () => {
  it.each<[string, Partial<KeptWhere>]>([
    ['stored', {}],
    ['sending', { writes: [write()] }],
    ['sending', { typing: true }],
    ['unsettled', { typing: true, writes: [write(0, { kind: 'refused', reasons: [] })] }],
    ['waiting', { writes: [write(2)] }],
    ['unsettled', { writes: [write(0, { kind: 'refused', reasons: [] })] }],
    ['deviceOnly', { reachable: false }],
    ['deviceOnly', { reachable: false, writes: [write()] }],
    ['serverOnly', { keeps: 'full' }],
    ['serverOnly', { kept: false, writes: [write()] }],
    ['nowhere', { keeps: 'none', reachable: false }],
    ['nowhere', { kept: false, writes: [write(1)] }],
  ])('%s', (code, where) => {
    expect(keepingCode(at(where))).toBe(code);
  });

  it('is said in a sentence that counts', () => {
    expect(keepingText('sending', 1)).toBe('1 change is on the way to be stored.');
    expect(keepingText('waiting', 2)).toContain(
      '2 changes are waiting to be stored: the server could not take them yet',
    );
    expect(keepingText('waiting', 1, true)).toBe(
      'The disk is full where Hammock runs: make room there. 1 change is kept on this device and sent again by itself.',
    );
    expect(keepingText('deviceOnly', 0)).toContain('kept on this device and sent when it is back');
    expect(keepingText('nowhere', 3)).toContain('closing it loses what you did last');
  });
});

describe('two values side by side', () => {
  const nameOf = (id: string): string => (id === 'pot-1' ? 'Blue pot' : id);

  it.each<[string, unknown, string]>([
    ['pouredMl', 640, '640 ml'],
    ['diameterCm', 21.25, '21.3 cm'],
    ['roomC', 20, '20 °C'],
    ['altitudeM', 1200, '1200 m'],
    ['input.soakMin', 30, '30 min'],
    ['vesselId', 'pot-1', 'Blue pot'],
    ['abandoned', true, 'yes'],
    ['note', '', 'nothing'],
    ['openedOn', null, 'nothing'],
    ['input.grain', { g: 340 }, '340 g'],
    ['input.ingredients', [{ ingredientId: 'onion', amount: { count: 1 } }], 'onion'],
    ['parts', [], 'nothing'],
  ])('%s %j', (path, value, text) => {
    expect(valueText(path, value, nameOf)).toBe(text);
  });

  it('stand under the name a cook has for the field', () => {
    expect(fieldText('input.soakMin')).toBe('soak');
    expect(fieldText('input.laterShare')).toBe('later share');
    expect(reasonText('diameterCm: Must be at most 60 cm.')).toBe('inside width: Must be at most 60 cm.');
    expect(reasonText('No such thing')).toBe('No such thing');
  });
});
