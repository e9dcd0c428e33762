/** A point of the drawing. */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** The frame a rope hangs in: posts at x = left and right, tied at y = top. */
export interface SlingFrame {
  readonly left: number;
  readonly right: number;
  readonly top: number;
}

/**
 * Where a load hangs on a rope of fixed length tied to two posts: on the ellipse whose foci are the knots.
 * @param slack how much longer the rope is than the gap, as a share of it; 0 is taut
 * @param share where along the gap the load is, 0 at the left post to 1 at the right
 */
export function hangingPoint(frame: SlingFrame, slack: number, share: number): Point {
  const half = (frame.right - frame.left) / 2;
  const long = half * (1 + Math.max(0.001, slack));
  const short = Math.sqrt(long * long - half * half);
  const kept = Math.min(0.97, Math.max(0.03, share));
  const x = frame.left + kept * 2 * half;
  const along = (x - (frame.left + half)) / long;
  return { x, y: frame.top + short * Math.sqrt(Math.max(0, 1 - along * along)) };
}

/** The rope through a load as a path: two spans that sag a little, as rope does. */
export function ropePath(frame: SlingFrame, load: Point): string {
  const span = (x: number): string => {
    const middle = (x + load.x) / 2;
    const sag = frame.top + (load.y - frame.top) * 0.62 + Math.abs(load.x - x) * 0.05;
    return `${middle.toFixed(1)} ${sag.toFixed(1)}`;
  };
  return `M${frame.left} ${frame.top}Q${span(frame.left)} ${load.x.toFixed(1)} ${load.y.toFixed(1)}Q${span(frame.right)} ${frame.right} ${frame.top}`;
}

/** The load's share of the gap for a pour between the pours at which grain is hard and mush. */
export const shareBetween = (ml: number, hardMl: number, mushMl: number): number =>
  mushMl > hardMl ? (ml - hardMl) / (mushMl - hardMl) : 0.5;

/**
 * Slack of the rope by the relative doubt of the pour: 2 % is nearly taut, 15 % hangs as deep as the posts allow
 * (a gap of 776 and a fall of 118 in the drawing of the answer).
 */
export const slackOf = (doubtShare: number): number =>
  0.008 + Math.min(0.15, Math.max(0, doubtShare)) * 0.245;
