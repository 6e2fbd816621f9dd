export { OutIndex as default } from '@/features/out/OutIndex';
