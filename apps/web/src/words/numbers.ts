/** Numbers as the cook reads them: one format for all screens. */
const format = (digits: number): ((n: number) => string) => {
  const made = new Intl.NumberFormat('en', {
    minimumFractionDigits: digits,
    maximumFractionDigits: digits,
    signDisplay: 'negative',
    // Four figures are read at a glance and are not parted: 1240 ml.
    useGrouping: 'min2',
  });
  return (n) => made.format(n);
};

/** A whole number: "1,240". */
export const whole = format(0);
/** With one place behind the point: "12.4". */
export const tenths = format(1);
/** With two: "0.35". */
export const hundredths = format(2);
/** Litres of so many ml: "3.5". */
export const litres = (ml: number): string => tenths(ml / 1000);

/** As many places as it has, at most one: "20", "7.5". */
const plain = new Intl.NumberFormat('en', {
  maximumFractionDigits: 1,
  signDisplay: 'negative',
  useGrouping: 'min2',
});
export const short = (n: number): string => plain.format(n);

/**
 * The number that was typed, with a comma or a point before its fraction.
 * @returns NaN for what is no number, and for nothing
 */
export const typedNumber = (text: string): number =>
  text.trim() === '' ? Number.NaN : Number(text.trim().replace(',', '.'));
