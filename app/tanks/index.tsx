export { TanksScreen as default } from '@/features/tanks/TanksScreen';
