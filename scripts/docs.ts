/** Writes the documents that are made from the cards: npm run -s docs. */
import { writeFileSync } from 'node:fs';
import { DOCUMENTS } from './docs/documents';

for (const { path, text } of DOCUMENTS) writeFileSync(path, text());
