export { PensScreen as default } from '@/features/pens/PensScreen';
