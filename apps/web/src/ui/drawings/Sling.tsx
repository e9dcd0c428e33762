import { useId } from 'react';
import { hangingPoint, ropePath, shareBetween, slackOf } from './sling.js';

export interface SlingProps {
  /** Pours in ml: the two posts, the wanted stretch between them, where the answer hangs and how unsure it is. */
  readonly hardMl: number;
  readonly mushMl: number;
  readonly lowMl: number;
  readonly highMl: number;
  readonly pourMl: number;
  readonly doubtMl: number;
  readonly wanted: string;
  /** What the cook usually pours, ml, where they have said. */
  readonly usualMl?: number | undefined;
  /** Words for someone who cannot see it. */
  readonly label: string;
}

const WIDTH = 800;
const HEIGHT = 190;
const FRAME = { left: 12, right: WIDTH - 12, top: 26 } as const;
/** Strands at these many standard deviations from the pour. */
const STRANDS = [-1, -0.5, 0.5, 1] as const;

/** The answer hanging between too dry and too wet; the weave is as wide as the doubt. */
export function Sling(props: SlingProps) {
  const { hardMl, mushMl, lowMl, highMl, pourMl, doubtMl } = props;
  const rope = useId();
  const share = (ml: number): number => shareBetween(ml, hardMl, mushMl);
  const slack = slackOf(pourMl > 0 ? doubtMl / pourMl : 0.2);
  const at = (ml: number) => hangingPoint(FRAME, slack, share(ml));
  const load = at(pourMl);
  const xOf = (ml: number): number => FRAME.left + share(ml) * (FRAME.right - FRAME.left);
  return (
    <>
      <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="block w-full" role="img" aria-label={props.label}>
        <defs>
          <linearGradient id={rope} x1="0" x2="1">
            <stop offset="0" stopColor="var(--husk)" />
            <stop offset="0.5" stopColor="var(--ink)" />
            <stop offset="1" stopColor="var(--water)" />
          </linearGradient>
        </defs>
        <rect
          x={xOf(lowMl)}
          y={HEIGHT - 12}
          width={Math.max(2, xOf(highMl) - xOf(lowMl))}
          height="10"
          rx="3"
          fill="var(--ink)"
          opacity="0.85"
        />
        <line
          x1={FRAME.left}
          x2={FRAME.right}
          y1={HEIGHT - 7}
          y2={HEIGHT - 7}
          stroke="var(--line)"
          strokeWidth="2"
        />
        <line
          x1={load.x}
          x2={load.x}
          y1={load.y}
          y2={HEIGHT - 12}
          stroke="var(--line)"
          strokeWidth="2"
          strokeDasharray="3 5"
        />
        {props.usualMl !== undefined && <Knot {...at(props.usualMl)} />}
        {STRANDS.map((k) => (
          <path
            key={k}
            d={ropePath(FRAME, at(pourMl + k * doubtMl))}
            fill="none"
            stroke={`url(#${rope})`}
            strokeWidth="2.5"
            opacity="0.5"
          />
        ))}
        <path
          d={ropePath(FRAME, load)}
          fill="none"
          stroke={`url(#${rope})`}
          strokeWidth="6"
          strokeLinecap="round"
        />
        <Post x={FRAME.left} colour="var(--husk)" />
        <Post x={FRAME.right} colour="var(--water)" />
        <Pot x={load.x} y={load.y} />
      </svg>
      <span
        aria-hidden
        className="block leading-tight font-semibold"
        style={{ paddingLeft: `${Math.min(64, (100 * xOf(lowMl)) / WIDTH).toFixed(1)}%` }}
      >
        {props.wanted}
      </span>
    </>
  );
}

function Post({ x, colour }: { readonly x: number; readonly colour: string }) {
  return (
    <g>
      <line x1={x} x2={x} y1={6} y2={HEIGHT - 2} stroke={colour} strokeWidth="10" strokeLinecap="round" />
      <circle cx={x} cy={FRAME.top} r="8" fill="var(--ground)" stroke={colour} strokeWidth="4" />
    </g>
  );
}

/** Where the pot would hang with what the cook usually pours. */
function Knot({ x, y }: { readonly x: number; readonly y: number }) {
  return (
    <g data-testid="usual-mark" stroke="var(--ember)" strokeWidth="4" fill="none">
      <line x1={x} x2={x} y1={y + 10} y2={HEIGHT - 12} strokeDasharray="2 5" />
      <circle cx={x} cy={y} r="9" fill="var(--ground)" />
    </g>
  );
}

/** The load: a small pot cradled in the rope. */
function Pot({ x, y }: { readonly x: number; readonly y: number }) {
  return (
    <g transform={`translate(${x.toFixed(1)} ${y.toFixed(1)})`}>
      <path d="M-26 -24H26V-2Q26 12 10 12H-10Q-26 12 -26 -2Z" fill="var(--ink)" />
      <path d="M-31 -28H31" stroke="var(--ink)" strokeWidth="6" strokeLinecap="round" />
      <path d="M-4 -35H4" stroke="var(--ink)" strokeWidth="6" strokeLinecap="round" />
    </g>
  );
}
