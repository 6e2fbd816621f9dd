export * from './addReagent';
export * from './alkalinity';
export * from './charge';
export * from './conditions';
export type { AcidName } from './constants';
export {
  AIR_CO2_UATM,
  FEED_AMMONIUM_MMOL_PER_MS,
  FEED_CALCIUM_MMOL_PER_MS,
  FEED_MAGNESIUM_MMOL_PER_MS,
  FEED_PHOSPHATE_MMOL_PER_MS,
  WATER_CALCIUM_MMOL_PER_MEQ,
  WATER_MAGNESIUM_MMOL_PER_MEQ,
} from './constants';
export * from './nutrients';
export * from './products';
export * from './solution';
export * from './speciation';
