export * from './addReagent';
export * from './alkalinity';
export * from './charge';
export * from './conditions';
export {
  AIR_CO2_UATM,
  CHEMISTRY_RANGE_C,
  FEED_AMMONIUM_MMOL_PER_MS,
  FEED_PHOSPHATE_MMOL_PER_MS,
} from './constants';
export * from './nutrients';
export * from './products';
export * from './solution';
