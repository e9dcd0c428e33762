/** What a kettle pours, °C: it has lost a little on the way. */
export const HOT_C = 95;
