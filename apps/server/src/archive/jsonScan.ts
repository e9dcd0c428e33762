/** Nested deeper than any row of an archive, by far. */
const MOST_DEEP = 24;

const QUOTE = 0x22;
const BACKSLASH = 0x5c;
const OPENS: ReadonlySet<number> = new Set([0x5b, 0x7b]);
const CLOSES: ReadonlySet<number> = new Set([0x5d, 0x7d]);

/**
 * Follows JSON byte by byte, as it comes in, for how deep it is nested: a nest without end is found before anything takes it apart.
 * It says nothing of whether it is JSON otherwise.
 */
export class DepthScan {
  private deep = 0;
  private inText = false;
  private escaped = false;

  /** @returns false once it is nested too deep, or closes what was never open */
  isWithin(piece: Uint8Array): boolean {
    for (const byte of piece) {
      if (this.inText) {
        if (this.escaped) this.escaped = false;
        else if (byte === BACKSLASH) this.escaped = true;
        else if (byte === QUOTE) this.inText = false;
      } else if (byte === QUOTE) this.inText = true;
      else if (OPENS.has(byte)) this.deep += 1;
      else if (CLOSES.has(byte)) this.deep -= 1;
      if (this.deep > MOST_DEEP || this.deep < 0) return false;
    }
    return true;
  }
}
