import { hangingPoint, ropePath } from './sling.js';
import { Load, Posts } from './slingParts.js';

const FRAME = { left: 4, right: 92, top: 7 } as const;

/** One past pot as a sling of its own: where it hung between too dry and too wet. */
export function SmallSling({
  share,
  label,
  slack = 0.09,
}: {
  readonly share: number | undefined;
  readonly label: string;
  /** How deep it hangs: the doubt, where it has one of its own. */
  readonly slack?: number;
}) {
  const load = share === undefined ? undefined : hangingPoint(FRAME, slack, share);
  return (
    <svg
      viewBox="0 0 96 44"
      className="block h-11 w-24 shrink-0"
      {...(label === '' ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      <Posts frame={FRAME} top={3} bottom={41} width={4} />
      {load ? (
        <>
          <path d={ropePath(FRAME, load)} fill="none" stroke="var(--ink)" strokeWidth="2.5" />
          <Load at={load} width={18} />
        </>
      ) : (
        <line
          x1={FRAME.left}
          x2={FRAME.right}
          y1={FRAME.top}
          y2={FRAME.top}
          stroke="var(--line)"
          strokeWidth="2.5"
          strokeDasharray="4 4"
        />
      )}
    </svg>
  );
}

/** Where a verdict hangs: hard at the dry post, mushy at the wet one. */
export const shareOfVerdict = (verdict: number): number => 0.1 + (verdict - 1) * 0.2;
