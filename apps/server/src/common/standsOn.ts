import { Type } from 'class-transformer';
import { IntegerField } from './fields.js';

const REVISION = { least: 0, most: Number.MAX_SAFE_INTEGER, unit: '' } as const;
/** A device may have been away for weeks; what it says is older than that was never at this stove. */
const MOST_AGE_MS = 90 * 24 * 3600 * 1000;
const AGE = { least: -MOST_AGE_MS, most: MOST_AGE_MS, unit: 'ms' } as const;

/** What a write says beside its body. */
export class StandsOn {
  @Type(() => Number)
  @IntegerField(REVISION, {
    about:
      'Revision of the row this write stood on; left out for something new. An older one is a clash (409).',
    optional: true,
  })
  standsOn?: number;
}

/** When something happened, without anybody's clock. */
export class HowLongAgo {
  @Type(() => Number)
  @IntegerField(AGE, {
    about:
      'How long ago it happened, by the clock of whoever saw it: only a duration crosses from device to server',
    optional: true,
  })
  agoMs?: number;
}

/** The moment `agoMs` before now by the server's clock; never in the future. */
export const momentOf = (nowMs: number, agoMs: number): number => Math.round(nowMs - Math.max(0, agoMs));
