/** Every chart in one chunk, loaded when one is first shown: the scales stay out of the first screen. */
export { ControlChart } from '@/features/pens/ControlChart';
export { DoseCurve } from '@/features/dose/DoseCurve';
export { DrawingsKey } from '@/features/help/DrawingsKey';
export { DriftPanel } from '@/features/pens/DriftPanel';
export { LookBackChart } from '@/features/pens/LookBackChart';
export { LookBackScreen } from '@/features/pens/LookBackScreen';
export { AcrossTanks } from '@/features/tanks/AcrossTanks';
export { TankHistory } from '@/features/tanks/TankHistory';
