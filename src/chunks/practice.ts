/** The simulated pen, its bench, tasks and explainers: loaded when practice is first opened. */
export { PracticeScreen } from '@/features/practice/PracticeScreen';
export { RunScreen } from '@/features/practice/RunScreen';
export { StandIn } from '@/features/practice/StandIn';
export { WhyScreen } from '@/features/practice/WhyScreen';
