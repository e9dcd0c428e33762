/** Standard sea-level pressure, kPa (ISO 2533, standard atmosphere). */
export const SEA_LEVEL_KPA = 101.325;

/** 0 °C in kelvin. */
export const KELVIN = 273.15;

/** Specific heat, kJ/kgK. Water between 20 and 100 °C (IAPWS-IF97, mean); dry grain and fat †. */
export const CP_WATER = 4.19;
/** Specific heat of dry grain, kJ/kgK †. */
export const CP_GRAIN_SOLIDS = 1.55;
/** Specific heat of fat, kJ/kgK †. */
export const CP_FAT = 2;

/** A base is mostly water: its heat against as much water †. */
export const BASE_HEAT = 0.9;
/** What a kettle pours, °C: it has lost a little on the way †. */
export const HOT_C = 95;
/** Fat shimmers here, °C †. */
export const SHIMMERS_C = 150;

/** Heat a pot of this wall takes to warm by one degree, kJ/K per m² of metal †. */
export const WALL_KJ_PER_K_M2: Readonly<Record<'thin' | 'heavy', number>> = { thin: 4, heavy: 14 };

/** Height of wall that a floor on the fire warms with it in a few minutes, mm: iron; steel half of it, aluminium more. */
export const WALL_CONDUCTS_MM = 30;

/** Heat lost through wall and lid to still kitchen air, W/m²K (convection and radiation together, 7–10 †). */
export const LOSS_W_PER_M2K = 8.5;

/** The same where the pot stands wrapped up, in an insulated box or under quilts, W/m²K †. */
export const INSULATED_W_PER_M2K = 0.9;

/** Vapour leaving through each closure at boiling temperature, g/min per m² of pot opening †. */
export const LEAK_G_PER_MIN_M2 = {
  open: 60,
  loose: 25,
  ajar: 18,
  wellFitting: 6,
  tight: 2.5,
  /** Drops run back from its knobs; as tight, and no more than that is known. */
  selfBasting: 2.5,
  /** A tray or a weight presses an ordinary lid as close as a tight one. */
  weighted: 2.5,
  cloth: 0.8,
  foil: 0.8,
  parchment: 0.8,
  sealed: 0.8,
  pressure: 0,
} as const;

/** Condensate that hangs under a lid and leaves with it when the pot is opened, g per m² of lid
 * (drops a quarter of a millimetre deep on average) †. */
export const LID_FILM_G_PER_M2 = 250;

/** Water a folded kitchen cloth under the lid can take up, g †. */
export const CLOTH_HOLDS_G = 30;

/** Share of a ring's power that still reaches a pot standing on a heat-spreader †. */
export const SPREADER_SHARE = 0.8;

/** Water let go by one whistle of a stovetop pressure cooker, g †, before the table of practice. */
export const WHISTLE_G = 10;

/** Gauge pressure held, kPa: a stovetop weight, and a multi-cooker on high and on low †. */
export const GAUGE_KPA = { stovetop: 90, multiHigh: 75, multiLow: 40 } as const;

/** Head-space volumes of steam that go before the air is out and the vent closes †. */
export const PURGE_VOLUMES = 3;
/** Dry saturated steam at 100 °C, g per litre (IAPWS-IF97, region 2). */
export const STEAM_G_PER_L = 0.598;

/** Net power into a 20–24 cm pot by setting, W †, before the table of practice. A household's own hob replaces them. */
export const RING_W = {
  high: 1100,
  mediumHigh: 850,
  medium: 520,
  low: 210,
  veryLow: 140,
  off: 0,
} as const;

/** Net power of a heater that belongs to its vessel, W †. A multi-cooker's low and veryLow are its slow modes. */
export const MULTI_COOKER_W = {
  high: 850,
  mediumHigh: 700,
  medium: 500,
  low: 180,
  veryLow: 120,
  off: 0,
} as const;

/** A rice cooker's one heater goes with its size, W per litre of bowl; on "warm" it makes up for what is lost †. */
export const RICE_COOKER_W_PER_L = 170;
/** What a rice cooker gives on "warm", W †. */
export const RICE_COOKER_WARM_W = 35;

/** Width of pot those powers are given for, cm. */
export const REFERENCE_DIAMETER_CM = 22;

/** A pan wider than this is put on a wider ring, whose power goes with the floor of the pan †, cm. */
export const WIDE_RING_FROM_CM = 26;
/** The widest ring of a kitchen against the ordinary one †. */
export const WIDEST_RING = 1.6;

/** How much more of the heat a wider pot catches: power ∝ (diameter/reference)^n, by kind of hob †. */
export const CAPTURE_EXPONENT = { gas: 0.35, electric: 0.2, induction: 0.1, builtIn: 0 } as const;

/** The capture rule is only believed between these shares. */
export const CAPTURE_LIMITS = { least: 0.8, most: 1.2 } as const;
