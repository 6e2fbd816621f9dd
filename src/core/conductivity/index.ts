export * from './compensation';
export {
  FEED_ALPHA_PER_C,
  FEED_ALPHA_STD_U_PER_C,
  REFERENCE_TEMP_C,
  STANDARD_TOLERANCE_REL,
} from './constants';
export * from './expectedStandardEc';
export * from './fitAlpha';
export * from './linearityBound';
export * from './standardEcAt';
