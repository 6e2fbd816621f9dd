export { RoundIndex as default } from '@/features/round/RoundIndex';
