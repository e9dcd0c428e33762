/** Four figures are read at a glance and are not parted: 1240 ml. Only more than that needs the language's own way. */
const PLAIN_BELOW = 9999.5;

/** Numbers as the cook reads them: one format for all screens. */
const format = (least: number, most = least): ((n: number) => string) => {
  let made: Intl.NumberFormat | undefined;
  return (n) => {
    // The browser takes a tenth of a second on a phone to get ready for its first number: a small one is not worth it.
    if (Math.abs(n) < PLAIN_BELOW) {
      const text = n.toFixed(most).replace(/^-(?=[0.]*$)/u, '');
      return least < most ? text.replace(/\.?0+$/u, '') : text;
    }
    made ??= new Intl.NumberFormat('en', {
      minimumFractionDigits: least,
      maximumFractionDigits: most,
      signDisplay: 'negative',
      useGrouping: 'min2',
    });
    return made.format(n);
  };
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
export const short = format(0, 1);

/**
 * The number that was typed, with a comma or a point before its fraction.
 * @returns NaN for what is no number, and for nothing
 */
export const typedNumber = (text: string): number =>
  text.trim() === '' ? Number.NaN : Number(text.trim().replace(',', '.'));
