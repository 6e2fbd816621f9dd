export { TankScreen as default } from '@/features/tanks/TankScreen';
