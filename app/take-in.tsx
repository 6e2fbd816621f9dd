export { IntakeIndex as default } from '@/features/intake/IntakeIndex';
