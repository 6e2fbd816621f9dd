/** Every form with its schema in one chunk, loaded when a form is first opened. */
export { readSample } from '@/timers/sampleSchema';
export { LotForm } from '@/features/shelf/LotForm';
export { PenForm } from '@/features/pens/PenForm';
export { SettingsScreen } from '@/features/settings/SettingsScreen';
export { SetupScreen } from '@/features/welcome/SetupScreen';
export { TankForm } from '@/features/tanks/TankForm';
export { AlphaScreen } from '@/features/tanks/AlphaScreen';
export { BandsScreen } from '@/features/tanks/BandsScreen';
export { OrderScreen } from '@/features/tanks/OrderScreen';
export { MixScreen } from '@/features/waters/MixScreen';
export { WaterForm } from '@/features/waters/WaterForm';
export { WatersScreen } from '@/features/waters/WatersScreen';
export { ProductForm } from '@/features/products/ProductForm';
export { ProductsScreen } from '@/features/products/ProductsScreen';
export { ControlScreen } from '@/features/pens/ControlScreen';
export { ProbesScreen } from '@/features/pens/ProbesScreen';
