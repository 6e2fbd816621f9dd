/** npm run frame: writes the frame that stands before the app into public/index.html. */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { withFrame } from './frameHtml';

const page = join(__dirname, '../../public/index.html');
writeFileSync(page, withFrame(readFileSync(page, 'utf8')));
