export { PhonesScreen as default } from '@/features/phones/PhonesScreen';
