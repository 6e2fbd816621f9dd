export { HelpScreen as default } from '@/features/help/HelpScreen';
