import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { targetIn } from './target.js';

describe('what a path asks for', () => {
  it.each([
    '/api/archive',
    '/API/archive',
    '/Api/Archive/',
    '//api//archive',
    '/api/archive?x=/',
    '/%61pi/archive',
    '/%2561pi/archive',
    '/api;v=1/archive;x',
    'http://kitchen.test/api/archive',
    'HTTP://127.0.0.1:4170//API/archive#x',
  ])('%s is the archive', (url) => {
    expect(targetIn(url)).toEqual({ path: '/api/archive', isData: true });
  });

  it.each([
    ['/', '/'],
    ['/notebook', '/notebook'],
    ['/apiary', '/apiary'],
    ['/assets/api/x.js', '/assets/api/x.js'],
    ['', '/'],
  ])('%p is a page', (url, path) => {
    expect(targetIn(url)).toEqual({ path, isData: false });
  });

  it.each([
    '/api/../archive',
    '/x/%2e%2e/api',
    '/api%2farchive',
    '/api\\archive',
    '/api/%5carchive',
    '/%E0%A4%A',
    '/%',
    '/a%00b',
    '/a%0d%0ab',
    '/%25252561pi',
    '/./api',
  ])('%p stands for no place', (url) => {
    expect(targetIn(url)).toBeUndefined();
  });

  it('never takes a spelling of data for a page', () => {
    const spelled = fc
      .array(fc.constantFrom('lower', 'upper', 'encoded'), { minLength: 11, maxLength: 11 })
      .map((ways) =>
        [...'api/archive']
          .map((sign, i) =>
            sign === '/'
              ? '//'.slice(0, (i % 2) + 1)
              : ways[i] === 'upper'
                ? sign.toUpperCase()
                : ways[i] === 'encoded'
                  ? `%${sign.charCodeAt(0).toString(16)}`
                  : sign,
          )
          .join(''),
      );
    fc.assert(
      fc.property(spelled, fc.constantFrom('/', '//', ';a', ''), (path, end) => {
        expect(targetIn(`/${path}${end}`)).toEqual({ path: '/api/archive', isData: true });
      }),
      { seed: 3, numRuns: 300 },
    );
  });
});
