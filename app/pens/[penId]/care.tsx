import { chunkPart } from '@/shell/chunk';

export default chunkPart('bench', 'CareScreen');
