import { describe, expect, it } from '@jest/globals';
import { parse } from 'csv-parse/sync';
import { csvOf } from './csv.js';
import { notebookCsv, type CookOfTable } from './notebookCsv.js';

const pot = (more: Partial<CookOfTable> = {}): CookOfTable =>
  ({
    ...{ id: 'a', label: 'Pilaf', bagId: 'bag', vesselId: null, hobId: 'gone', dishId: null, cupId: null },
    grain: '2 cups',
    ...{ advisedMl: 899.6, pouredMl: null, startedAtMs: Date.UTC(2026, 0, 2, 17, 30), abandoned: false },
    outcome: { texture: 3, base: 'clean', note: 'b"bb', by: 'Ada', ate: ['Ada', 'guests'], counts: 'once' },
    ...more,
  }) as CookOfTable;
const names = new Map([['bag', 'Valley sack, long grain']]);
const read = (text: string): Record<string, string>[] => parse(text, { columns: true });

describe('a cell of a table', () => {
  it.each(['=1+1', '  =1+1', '\t@x', ' +1', '-1', ' \u00a0=x'])(
    '%p is no formula to a spreadsheet',
    (text) => {
      const [, line = ''] = csvOf([text], { words: (t) => t }).split('\r\n');
      expect(line.replaceAll('"', '').startsWith("'")).toBe(true);
    },
  );
});

describe('the notebook as a table', () => {
  it('quotes as RFC 4180 does in its rules 5 to 7, with CRLF at the end of every line', () => {
    const text = notebookCsv([pot({ label: 'two\r\nlines' })], names);
    expect(text.endsWith('\r\n')).toBe(true);
    // Rule 7: a quote within quotes is doubled; rule 6: a comma or a line's end wants quotes.
    expect(text).toContain('"b""bb"');
    expect(text).toContain('"Valley sack, long grain"');
    expect(text).toContain('"two\r\nlines"');
    expect(text.split('\r\n')[0]).not.toContain('"');
  });

  it('is read back by another reader as it was written (csv-parse)', () => {
    const [row] = read(notebookCsv([pot()], names));
    expect(row).toMatchObject({
      id: 'a',
      started: '2026-01-02T17:30:00.000Z',
      dish: 'Pilaf',
      bag: 'Valley sack, long grain',
      pot: '',
      burner: '',
      grain: '2 cups',
      advised_ml: '900',
      poured_ml: '900',
      texture_1_hard_5_mushy: '3',
      note: 'b"bb',
      judged_by: 'Ada',
      ate: 'Ada, guests',
      learnt_from: 'once',
      given_up: '',
    });
    expect(read(notebookCsv([pot({ outcome: null, abandoned: true })], names))[0]).toMatchObject({
      texture_1_hard_5_mushy: '',
      given_up: 'yes',
    });
    expect(notebookCsv([], names).split('\r\n')).toHaveLength(2);
  });

  it.each(['=1+1', '+1', '-1+2', '@SUM(A1)', '\tx', '\rx'])(
    'never gives a spreadsheet a formula: %j',
    (label) => {
      expect(read(notebookCsv([pot({ label })], names))[0]!['dish']).toBe(`'${label}`);
    },
  );
});
