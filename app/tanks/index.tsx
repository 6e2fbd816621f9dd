export { TanksIndex as default } from '@/features/tanks/TanksIndex';
