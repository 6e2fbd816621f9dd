/** The Bench: a sitting from its cups to its end; and the care of a pen, whose cards stand at the Bench too. */
export { BenchScreen } from '@/features/bench/BenchScreen';
export { CareScreen } from '@/features/care/CareScreen';
