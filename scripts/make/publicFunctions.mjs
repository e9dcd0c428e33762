import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import ts from 'typescript';
import { root } from '../run/lib.mjs';

const CORE = join(root, 'packages/core/src');

const parsed = (path) => ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.ES2022, true);

/** Names that an entry point of the core exports as values, with the file each comes from. */
function exported(entry) {
  return parsed(join(CORE, entry)).statements.flatMap((statement) => {
    if (!ts.isExportDeclaration(statement) || statement.isTypeOnly || !statement.exportClause) return [];
    const from = join(
      dirname(join(CORE, entry)),
      /** @type {ts.StringLiteral} */ (statement.moduleSpecifier).text.replace(/\.js$/, '.ts'),
    );
    return /** @type {ts.NamedExports} */ (statement.exportClause).elements
      .filter((e) => !e.isTypeOnly)
      .map((e) => ({ name: e.name.text, from }));
  });
}

/** The examples above a declaration, each a line of code and what it comes to. */
function examplesOf(statement) {
  return ts
    .getJSDocTags(statement)
    .filter((tag) => tag.tagName.text === 'example')
    .map((tag) =>
      (typeof tag.comment === 'string' ? tag.comment : (ts.getTextOfJSDocComment(tag.comment) ?? '')).trim(),
    );
}

/**
 * Every public function of the core with its examples.
 * @returns {{ name: string, file: string, examples: string[] }[]}
 */
export function publicFunctions() {
  return ['index.ts', 'records/index.ts', 'say/words/index.ts']
    .flatMap(exported)
    .flatMap(({ name, from }) => {
      for (const statement of parsed(from).statements) {
        const isFunction = ts.isFunctionDeclaration(statement) && statement.name?.text === name;
        const arrow =
          ts.isVariableStatement(statement) &&
          statement.declarationList.declarations.find(
            (d) =>
              d.name.getText() === name &&
              d.initializer &&
              (ts.isArrowFunction(d.initializer) || ts.isFunctionExpression(d.initializer)),
          );
        if (isFunction || arrow)
          return [{ name, file: from.slice(CORE.length + 1), examples: examplesOf(arrow || statement) }];
      }
      return [];
    });
}
