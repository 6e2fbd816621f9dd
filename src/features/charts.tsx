/** Every chart in one chunk, loaded when one is first shown: the scales stay out of the first screen. */
export { ControlChart } from './pens/ControlChart';
export { DoseCurve } from './dose/DoseCurve';
export { DriftPanel } from './pens/DriftPanel';
export { LookBackChart } from './pens/LookBackChart';
export { AcrossTanks } from './tanks/AcrossTanks';
export { TankHistory } from './tanks/TankHistory';
