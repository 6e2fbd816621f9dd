/** The Bench: a sitting from its cups to its end. */
export { BenchScreen } from '@/features/bench/BenchScreen';
