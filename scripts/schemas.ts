import { writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { z } from 'zod';
import { clubFileSchema } from '../src/lib/model/club-file.js';
import { programmeSchema } from '../src/lib/model/programme.js';
import { seasonFileSchema } from '../src/lib/model/season-file.js';

// Writes the published JSON schemas from those the application reads with.
for (const [name, schema] of [
  ['club', clubFileSchema],
  ['programme', programmeSchema],
  ['season', seasonFileSchema],
] as const) {
  const file = `docs/${name}.schema.json`;
  const text = JSON.stringify(z.toJSONSchema(schema, { io: name === 'club' ? 'input' : 'output' }));
  writeFileSync(file, await format(text, { ...(await resolveConfig(file)), filepath: file }));
}
