export { WaterScreen as default } from '@/features/dose/WaterScreen';
