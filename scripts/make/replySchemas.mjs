import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createGenerator } from 'ts-json-schema-generator';
import { format, resolveConfig } from 'prettier';
import { root } from '../run/lib.mjs';

/**
 * Describes the replies of the API from the core's own types and what they say of themselves, so that the document
 * cannot fall behind: `npm run schemas` after a type of a reply was changed; a test compares.
 */
const REPLIES = ['AnswerReply', 'CourseReply'];
const FILE = join(root, 'apps/server/src/answer/replySchemas.generated.ts');

/** JSON schema as OpenAPI 3.0 reads it: one value is a list of one, several types are alternatives. */
function asOpenApi(schema) {
  if (Array.isArray(schema)) return schema.map(asOpenApi);
  if (typeof schema !== 'object' || schema === null) return schema;
  const made = Object.fromEntries(
    Object.entries(schema).map(([key, value]) => [
      key,
      key === '$ref' ? value.replace('#/definitions/', '#/components/schemas/') : asOpenApi(value),
    ]),
  );
  if ('const' in made) {
    made.enum = [made.const];
    delete made.const;
  }
  if (Array.isArray(made.type)) {
    made.anyOf = made.type.map((type) => ({ type }));
    delete made.type;
  }
  // Beside a reference nothing else is read.
  if ('$ref' in made && Object.keys(made).length > 1) {
    made.allOf = [{ $ref: made.$ref }];
    delete made.$ref;
  }
  // A tuple has as many items as it has, each of one of its kinds.
  if (Array.isArray(made.items)) made.items = { anyOf: made.items };
  return made;
}

/** Every reply and every shape it is made of, by name. */
export function replySchemas() {
  const generator = createGenerator({
    path: join(root, 'packages/core/src/records/index.ts'),
    tsconfig: join(root, 'packages/core/tsconfig.json'),
    skipTypeCheck: true,
    additionalProperties: false,
    topRef: true,
    jsDoc: 'extended',
    encodeRefs: false,
    sortProps: false,
  });
  const all = {};
  for (const reply of REPLIES) Object.assign(all, generator.createSchema(reply).definitions);
  return asOpenApi(all);
}

/** The file as it should be. */
export async function replySchemasFile() {
  const text = `import type { OpenAPIObject } from '@nestjs/swagger';

/** Made by \`npm run schemas\` from the core's types; not to be edited. */
export const REPLY_SCHEMAS: NonNullable<NonNullable<OpenAPIObject['components']>['schemas']> = ${JSON.stringify(replySchemas())};
`;
  return format(text, { ...(await resolveConfig(FILE)), parser: 'typescript' });
}

if (process.argv[1] === import.meta.filename) writeFileSync(FILE, await replySchemasFile());
