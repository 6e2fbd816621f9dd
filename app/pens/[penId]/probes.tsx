import { lazyEditor } from '@/features/LazyEditor';

export default lazyEditor('ProbesScreen');
