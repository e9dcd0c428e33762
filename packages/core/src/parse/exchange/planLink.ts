import { deflateSync, inflateSync, strFromU8, strToU8 } from 'fflate';
import { fromUint8Array, toUint8Array } from 'js-base64';
import { completePlan } from '../../plan/input/completePlan.js';
import type { PlanInput } from '../../plan/input/planInput.js';
import { learntInto } from '../../plan/derived/learntInto.js';
import { fail, ok, type Result } from '../../basics/result.js';

/** A plan with its name, as it travels in an address. */
export interface SharedPlan {
  readonly label: string;
  readonly input: PlanInput;
}

/** Why an address holds no plan. */
export type LinkProblem = 'broken' | 'newer' | 'notAPlan';

/** How the text of an address is made: another way has another number. */
const VERSION = 1;
/** The longest text and the most it may hold, bytes: a plan of sixty ingredients has some twenty thousand. */
const LONGEST_TEXT = 40_000;
const MOST_BYTES = 200_000;
const LONGEST_LABEL = 80;

/**
 * A plan as text for an address: compressed (RFC 1951), in base64url (RFC 4648, section 5), nothing of the household in it but the plan itself.
 * @example planFromLink(planToLink({ label: 'Pilaf', input })).value.label // 'Pilaf'
 */
export function planToLink({ label, input }: SharedPlan): string {
  const text = JSON.stringify({ v: VERSION, label, input: learntInto(input) });
  return fromUint8Array(deflateSync(strToU8(text), { level: 9 }), true);
}

/**
 * The plan in the text of an address. It is somebody else's: everything of it is looked at before it is called a plan.
 * @returns a reason where it holds none: `broken`, of a `newer` program, or `notAPlan`
 * @example planFromLink('nothing').error // 'broken'
 */
export function planFromLink(text: string): Result<SharedPlan, LinkProblem> {
  const read = jsonIn(text);
  if (typeof read !== 'object' || read === null) return fail('broken');
  const { v, label, input } = read as Partial<Record<'v' | 'label' | 'input', unknown>>;
  if (typeof v === 'number' && v > VERSION) return fail('newer');
  if (v !== VERSION || typeof label !== 'string' || typeof input !== 'object' || input === null)
    return fail('notAPlan');
  if (!completePlan(input as PlanInput).ok) return fail('notAPlan');
  return ok({ label: label.slice(0, LONGEST_LABEL), input: learntInto(input as PlanInput) });
}

function jsonIn(text: string): unknown {
  if (text.length > LONGEST_TEXT || !/^[\w-]+$/u.test(text)) return undefined;
  try {
    // What unpacks to more than fits is no plan.
    return JSON.parse(strFromU8(inflateSync(toUint8Array(text), { out: new Uint8Array(MOST_BYTES) })));
  } catch {
    return undefined;
  }
}
