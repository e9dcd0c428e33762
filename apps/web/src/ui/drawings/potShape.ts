/** Where a pot's inside is drawn: its left wall, its width, its rim and its floor. */
export interface PotBox {
  readonly left: number;
  readonly width: number;
  readonly rim: number;
  readonly floor: number;
}

const CORNER = 16;

/** Wall, rounded floor and wall of a pot in section, open at the top. */
export const potOutline = ({ left, width, rim, floor }: PotBox): string => {
  const right = left + width;
  return `M${left} ${rim}V${floor - CORNER}Q${left} ${floor} ${left + CORNER} ${floor}H${right - CORNER}Q${right} ${floor} ${right} ${floor - CORNER}V${rim}`;
};

/** Its two handles, a little under the rim. */
export const potHandles = ({ left, width, rim }: PotBox): string =>
  `M${left - 10} ${rim + 16}h-22M${left + width + 10} ${rim + 16}h22`;

/** A lid lying on it, with its knob. */
export const potLid = ({ left, width, rim }: PotBox): string =>
  `M${left - 6} ${rim - 13}H${left + width + 6}M${left + width / 2 - 13} ${rim - 26}h26`;
