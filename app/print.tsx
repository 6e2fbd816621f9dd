export { PrintIndex as default } from '@/features/print/PrintIndex';
