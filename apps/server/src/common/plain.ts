/** A DTO as a plain object without its class and its undefined fields, for a JSON column or the core. */
export const plain = (dto: object): unknown => JSON.parse(JSON.stringify(dto));
