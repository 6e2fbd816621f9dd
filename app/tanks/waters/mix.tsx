import { chunkPart } from '@/shell/chunk';

export default chunkPart('dosing', 'MixScreen');
