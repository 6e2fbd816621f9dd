export { TanksPlace as default } from '@/features/tanks/TanksPlace';
