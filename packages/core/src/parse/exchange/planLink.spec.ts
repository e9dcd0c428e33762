import { describe, expect, it } from '@jest/globals';
import { inflateRawSync } from 'node:zlib';
import { deflateSync, strToU8 } from 'fflate';
import { PILAF } from '../../testing/cooked.js';
import { planFromLink, planToLink } from './planLink.js';

const packed = (value: unknown): string =>
  Buffer.from(deflateSync(strToU8(JSON.stringify(value)))).toString('base64url');

describe('a plan as a link', () => {
  it('comes back as it was, without what this household learnt', () => {
    const text = planToLink({
      label: 'Evening pilaf ½ é',
      input: { ...PILAF, learntPoints: 2, learntSpread: 0.4 },
    });
    expect(text).toMatch(/^[\w-]+$/u);
    expect(planFromLink(text)).toEqual({ ok: true, value: { label: 'Evening pilaf ½ é', input: PILAF } });
  });

  it('is raw DEFLATE in base64url, as another program unpacks it (zlib)', () => {
    const text = planToLink({ label: 'Pilaf', input: PILAF });
    const plain = inflateRawSync(Buffer.from(text, 'base64url')).toString('utf8');
    expect(JSON.parse(plain)).toEqual({ v: 1, label: 'Pilaf', input: PILAF });
  });

  it.each<[string, string, string]>([
    ['nothing', '', 'broken'],
    ['words', 'hello there', 'broken'],
    ['half of one', planToLink({ label: 'Pilaf', input: PILAF }).slice(0, 40), 'broken'],
    ['a list', packed([]), 'notAPlan'],
    ['null', packed(null), 'broken'],
    ['another thing', packed({ v: 1, label: 'x', input: { grainId: 'gravel' } }), 'notAPlan'],
    ['a label that is none', packed({ v: 1, label: 7, input: PILAF }), 'notAPlan'],
    ['one of a newer program', packed({ v: 2, label: 'x', input: PILAF }), 'newer'],
    ['more than any plan has', packed({ v: 1, label: 'x'.repeat(300_000), input: PILAF }), 'broken'],
    ['a text without end', 'A'.repeat(50_000), 'broken'],
  ])('%s is told from a plan', (_what, text, reason) => {
    expect(planFromLink(text)).toEqual({ ok: false, error: reason });
  });
});
