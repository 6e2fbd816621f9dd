import { saveBlob } from '@/features/parts/saveBlob';

/** Lets the browser save a text as a file in the downloads. */
export const saveText = (name: string, text: string): void =>
  saveBlob(name, new Blob([text], { type: 'application/json' }));
