/** Molar gas constant, J/(mol·K). Exact. Source: CODATA 2018 / SI Brochure, 9th edition. */
export const GAS_CONSTANT_J_PER_MOL_K = 8.314462618;

/** Faraday constant, C/mol. Exact to the digits given. Source: CODATA 2018. */
export const FARADAY_C_PER_MOL = 96485.33212;
