import fc from 'fast-check';

/**
 * Properties are tried on the same plans every time, so that a green commit stays green. With PROPERTY_SEED set
 * they look elsewhere; a seed that finds something becomes a named test beside the property.
 */
fc.configureGlobal({ seed: Number(process.env.PROPERTY_SEED ?? 20_261_125) });
