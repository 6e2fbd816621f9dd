import { chunkPart } from '@/shell/chunk';

export default chunkPart('practice', 'WhyScreen');
