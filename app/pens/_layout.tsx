export { PensPlace as default } from '@/features/pens/PensPlace';
