/** Every form with its schema in one chunk, loaded when a form is first opened. */
export { LotForm } from './shelf/LotForm';
export { PenForm } from './pens/PenForm';
export { SettingsScreen } from './settings/SettingsScreen';
export { SetupScreen } from './welcome/SetupScreen';
export { TankForm } from './tanks/TankForm';
