import { bandOf, type Course } from '@hammock/core';
import { moistureOf, thinned } from './moment.js';
import { whole } from '../../words/measures/numbers.js';
import * as w from '../../words/screens/course.js';

const HEADS = [
  'min',
  'lower %',
  'middle %',
  'upper %',
  'cooked %',
  'pot °C',
  'bottom °C',
  w.freeG,
  w.steamG,
  'bottom',
] as const;

/** The numbers behind the charts, every two minutes. */
export function CourseTable({ course }: { readonly course: Course }) {
  const { series: s } = course;
  const cell = (n: number): string => whole(n);
  return (
    <details>
      <summary className="flex min-h-12 cursor-pointer items-center font-semibold underline decoration-husk decoration-2 underline-offset-4">
        {w.theSameAsATable}
      </summary>
      <div className="max-h-96 overflow-auto" tabIndex={0} role="region" aria-label={w.courseOfThePotAs}>
        <table className="figures w-full min-w-[34rem] text-right text-[1.15rem] leading-snug font-normal">
          <thead>
            <tr className="sticky top-0 bg-ground">
              {HEADS.map((h) => (
                <th key={h} scope="col" className="px-2 py-1.5 text-right">
                  {h}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {thinned(s, 2).map((i) => (
              <tr key={i} className="border-t border-line">
                <th scope="row" className="px-2 py-1 text-right">
                  {cell(s.minutes[i] ?? 0)}
                </th>
                {s.w.map((w, b) => (
                  <td key={b} className="px-2">
                    {cell(moistureOf(w[i] ?? 0))}
                  </td>
                ))}
                <td className="px-2">{cell(100 * Math.min(...s.done.map((d) => d[i] ?? 0)))}</td>
                <td className="px-2">{cell(s.tempC[i] ?? 0)}</td>
                <td className="px-2">{cell(s.baseC[i] ?? 0)}</td>
                <td className="px-2">{cell(Math.max(0, s.freeG[i] ?? 0))}</td>
                <td className="px-2">{cell(s.steamG[i] ?? 0)}</td>
                <td className="px-2">{bandOf(s.browning[i] ?? 0)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </details>
  );
}
