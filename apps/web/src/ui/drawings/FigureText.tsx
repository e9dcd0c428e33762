/** Fractions the figures' face has no sign of its own for, as a numerator and a denominator it can draw small. */
const DRAWN: Readonly<Record<string, string>> = {
  '⅓': '1⁄3',
  '⅔': '2⁄3',
  '⅛': '1⁄8',
  '⅜': '3⁄8',
  '⅝': '5⁄8',
  '⅞': '7⁄8',
};

/**
 * A figure whose fractions are all drawn by one face. What is drawn is not text: read aloud and copied it is "4⅓", where
 * "41⁄3" would be another number.
 */
export function FigureText({ text }: { readonly text: string }) {
  const parts = text.split(/([⅓⅔⅛⅜⅝⅞])/u);
  return (
    <>
      {parts.map((part, i) =>
        part in DRAWN ? (
          <span key={`${part}-${i.toString()}`} className="drawn-fraction" data-drawn={DRAWN[part]}>
            <span>{part}</span>
          </span>
        ) : (
          part
        ),
      )}
    </>
  );
}
