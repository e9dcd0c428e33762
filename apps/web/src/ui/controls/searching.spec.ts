import { describe, expect, it } from '@jest/globals';
import { found } from './searching.js';

const option = (label: string, more: { also?: string; hint?: string; usual?: boolean } = {}) => ({
  value: label.toLowerCase(),
  label,
  ...more,
});
const LIST = [
  option('Aubergine', { also: 'eggplant, brinjal' }),
  option('Cherry tomatoes'),
  option('Oil', { usual: true }),
  option('Onion', { usual: true }),
  option('Spring onion'),
  option('Tomato juice'),
  option('Tomato, fresh', { usual: true }),
  option('Tomato paste'),
  option('Yoghurt', { also: 'curd, dahi' }),
];
const labels = (typed: string, recent: string[] = []): string[] =>
  found(LIST, typed, recent).map((o) => o.label);

describe('a long list', () => {
  it('offers the thing before what is made of it, and what begins so before what only holds it', () => {
    expect(labels('tomato')[0]).toBe('Tomato, fresh');
    expect(new Set(labels('tomato').slice(1, 3))).toEqual(new Set(['Tomato juice', 'Tomato paste']));
    expect(labels('tomato').at(-1)).toBe('Cherry tomatoes');
    expect(labels('onion')).toEqual(['Onion', 'Spring onion']);
    expect(found([option('Tomato juice'), option('Tomato')], 'tom', []).map((o) => o.label)).toEqual([
      'Tomato',
      'Tomato juice',
    ]);
  });

  it('knows other names, accents and capitals aside, and nothing that does not fit', () => {
    expect(labels('EGGPLANT')).toEqual(['Aubergine']);
    expect(labels('dáhi')).toEqual(['Yoghurt']);
    expect(labels('brin')).toEqual(['Aubergine']);
    expect(labels('gravel')).toEqual([]);
  });

  it('has what was picked lately on top, then the usual ones, then the rest as it came', () => {
    expect(labels('', ['yoghurt', 'spring onion']).slice(0, 5)).toEqual([
      'Yoghurt',
      'Spring onion',
      'Oil',
      'Onion',
      'Tomato, fresh',
    ]);
    expect(labels('').slice(3)).toEqual([
      'Aubergine',
      'Cherry tomatoes',
      'Spring onion',
      'Tomato juice',
      'Tomato paste',
      'Yoghurt',
    ]);
  });
});
