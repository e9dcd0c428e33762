import * as w from '../../words/ui/drawings.js';
export interface SideBySideProps {
  readonly caption: string;
  readonly heads: readonly [string, string];
  /** What is compared, and how it is in each. */
  readonly lines: readonly (readonly [what: string, one: string, two: string])[];
}

/** Two ways line by line; what is the same in both recedes. */
export function SideBySide({ caption, heads, lines }: SideBySideProps) {
  return (
    <table className="w-full border-collapse self-start [overflow-wrap:anywhere]">
      <caption className="sr-only">{caption}</caption>
      <thead>
        <tr className="border-b-2 border-ink text-left">
          <th className="py-1 font-normal text-faint">{w.what}</th>
          {heads.map((head) => (
            <th key={head} className="py-1">
              {head}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {lines.map(([what, one, two]) => (
          <tr key={what} className="border-b border-line">
            <th scope="row" className="py-1.5 pr-2 text-left font-normal">
              {what}
            </th>
            <td className="py-1.5 pr-2">{one}</td>
            <td className={`py-1.5 ${one === two ? 'text-faint' : 'font-bold'}`}>
              {one === two ? w.theSame : two}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
