/** Every form with its schema in one chunk, loaded when a form is first opened. */
export { LotForm } from './shelf/LotForm';
export { PenForm } from './pens/PenForm';
export { SettingsScreen } from './settings/SettingsScreen';
export { SetupScreen } from './welcome/SetupScreen';
export { TankForm } from './tanks/TankForm';
export { AlphaScreen } from './tanks/AlphaScreen';
export { BandsScreen } from './tanks/BandsScreen';
export { OrderScreen } from './tanks/OrderScreen';
export { MixScreen } from './waters/MixScreen';
export { WaterForm } from './waters/WaterForm';
export { WatersScreen } from './waters/WatersScreen';
export { EcScreen } from './dose/EcScreen';
export { JarScreen } from './dose/JarScreen';
export { LearnedScreen } from './dose/LearnedScreen';
export { WhyDoseScreen } from './dose/WhyDoseScreen';
export { ProductForm } from './products/ProductForm';
export { ProductsScreen } from './products/ProductsScreen';
