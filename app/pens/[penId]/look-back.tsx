export { LookBackScreen as default } from '@/features/pens/LookBackScreen';
