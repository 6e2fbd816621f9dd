/** Display units per mS/cm for each conductivity scale. Source: definitions of the scales. */
export const DISPLAY_PER_MS_PER_CM = {
  'mS/cm': 1,
  'µS/cm': 1000,
  CF: 10,
  ppm500: 500,
  ppm640: 640,
  ppm700: 700,
} as const;

/** Kelvin at 0 °C. Source: SI Brochure, 9th edition, 2.3.1. */
export const KELVIN_AT_0_C = 273.15;

/** Litres in one US liquid gallon. Source: NIST Handbook 44 (2024), appendix C. */
export const LITRES_PER_US_GALLON = 3.785411784;

/** Litres in one imperial (UK) gallon. Source: UK Weights and Measures Act 1985, schedule 1. */
export const LITRES_PER_UK_GALLON = 4.54609;
