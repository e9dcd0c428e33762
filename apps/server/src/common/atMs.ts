/** Times between 2001 and 2100 in ms: for records from elsewhere. A device says how long ago instead. */
export const AT_MS = { least: 978_307_200_000, most: 4_102_444_800_000, unit: 'ms' } as const;
