/** What is poured into a tank, and why: loaded when first shown. */
export { DoseScreen } from '@/features/dose/DoseScreen';
export { EcScreen } from '@/features/dose/EcScreen';
export { JarScreen } from '@/features/dose/JarScreen';
export { LearnedScreen } from '@/features/dose/LearnedScreen';
export { WaterScreen } from '@/features/dose/WaterScreen';
export { WhyDoseScreen } from '@/features/dose/WhyDoseScreen';
export { MixScreen } from '@/features/waters/MixScreen';
