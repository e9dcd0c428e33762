import type { SlingFrame, Point } from './sling.js';

/** The load as it hangs in every sling but the large one: a pot without its lid, as wide as asked. */
export function Load({ at, width }: { readonly at: Point; readonly width: number }) {
  const w = width;
  const path = `M${-w / 2} ${-0.42 * w}h${w}v${0.42 * w}q0 ${0.27 * w} ${-0.27 * w} ${0.27 * w}h${-0.46 * w}q${-0.27 * w} 0 ${-0.27 * w} ${-0.27 * w}z`;
  return <path d={path} transform={`translate(${at.x.toFixed(1)} ${at.y.toFixed(1)})`} fill="var(--ink)" />;
}

export interface PostsProps {
  readonly frame: SlingFrame;
  readonly top: number;
  readonly bottom: number;
  readonly width: number;
  /** The dry and the wet post have their colours; posts that mean begin and end are ink. */
  readonly plain?: boolean;
}

/** The two posts. */
export function Posts({ frame, top, bottom, width, plain = false }: PostsProps) {
  const post = (x: number, colour: string) => (
    <line
      x1={x}
      x2={x}
      y1={top}
      y2={bottom}
      stroke={plain ? 'var(--ink)' : colour}
      strokeWidth={width}
      strokeLinecap="round"
    />
  );
  return (
    <>
      {post(frame.left, 'var(--husk)')}
      {post(frame.right, 'var(--water)')}
    </>
  );
}
