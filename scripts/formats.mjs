// Writes the published JSON Schema and the example bundle into docs/formats (run after changing a document class).
import { writeFileSync } from 'node:fs';
import { fridayBundle } from '../core/dist/demo/index.js';
import { BundleFile, schemaOf, writeBundleFile } from '../core/dist/documents/index.js';

const folder = new URL('../docs/formats/', import.meta.url);
writeFileSync(new URL('satchel.schema.json', folder), `${JSON.stringify(schemaOf(BundleFile), null, 2)}\n`);
writeFileSync(new URL('friday.satchel.json', folder), writeBundleFile(fridayBundle(), true));
