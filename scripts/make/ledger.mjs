import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { format, resolveConfig } from 'prettier';
import { larderPage } from './larderTable.mjs';
import { root } from '../run/lib.mjs';

/**
 * The ledger of docs/model.md: every constant of the core with its value, and what the code says of it: unit, source
 * or reason. Made from the code (`npm run ledger`), so that document and code cannot differ; a test compares.
 */
const CORE = join(root, 'packages/core/src');
const FILE = join(root, 'docs/model.md');
const ROOMS = [
  'basics/measures',
  'basics/larder',
  'parse/line',
  'basics/heat',
  'basics/method',
  'basics/grain',
  'plan/input',
  'plan/derived',
  'compute/acts',
  'compute/account',
  'compute/pot',
  'compute/course',
  'compute/odds',
  'compute/stove',
];
/** Tables of data with a source in every row, checked as data. */
const TABLES = /\/rows\/|pot\/state\.ts$|grains\.ts$|composition\.ts$|units\.ts$|problem/;
const BEGIN = '<!-- ledger: npm run ledger -->';

const files = (folder) =>
  readdirSync(folder, { withFileTypes: true })
    .sort((a, b) => (a.name < b.name ? -1 : 1))
    .flatMap((entry) => {
      const path = join(folder, entry.name);
      if (entry.isDirectory()) return files(path);
      return /\.ts$/.test(entry.name) && !/\.spec\.ts$/.test(entry.name) && !TABLES.test(path) ? [path] : [];
    });

/** The number an expression is, where it is written as one. */
function figureOf(node) {
  if (ts.isNumericLiteral(node)) return Number(node.text.replaceAll('_', ''));
  if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.MinusToken) {
    const n = figureOf(node.operand);
    return n === undefined ? undefined : -n;
  }
  if (ts.isBinaryExpression(node)) {
    const [a, b] = [figureOf(node.left), figureOf(node.right)];
    if (a === undefined || b === undefined) return undefined;
    return { '*': a * b, '/': a / b, '+': a + b, '-': a - b, '**': a ** b }[node.operatorToken.getText()];
  }
  return undefined;
}

/** A value as it is written in a table; undefined where it holds no figure. */
function shownOf(node, source) {
  if (ts.isAsExpression(node) || ts.isSatisfiesExpression(node) || ts.isParenthesizedExpression(node))
    return shownOf(node.expression, source);
  const figure = figureOf(node);
  if (figure !== undefined) return String(Number(figure.toPrecision(10)));
  if (ts.isArrayLiteralExpression(node)) {
    const parts = node.elements.map((e) => shownOf(e, source));
    return parts.some((p) => p !== undefined)
      ? `[${parts.map((p, i) => p ?? node.elements[i].getText(source)).join(', ')}]`
      : undefined;
  }
  if (ts.isObjectLiteralExpression(node)) {
    const parts = node.properties.flatMap((p) => {
      const value = ts.isPropertyAssignment(p) ? shownOf(p.initializer, source) : undefined;
      return value === undefined ? [] : [`${p.name.getText(source)} ${value}`];
    });
    return parts.length > 0 ? parts.join(', ') : undefined;
  }
  return undefined;
}

/** What the code says above a declaration, in one line. */
function saidOf(statement) {
  const [doc] = ts.getJSDocCommentsAndTags(statement);
  const text = doc && typeof doc.comment === 'string' ? doc.comment : ts.getTextOfJSDocComment(doc?.comment);
  return (text ?? '').replaceAll(/\s+/g, ' ').replaceAll('|', '\\|').trim();
}

/** A value, or each of its rows where it is a table of them by name. */
function rowsOf(name, node, source) {
  if (ts.isAsExpression(node) || ts.isSatisfiesExpression(node)) return rowsOf(name, node.expression, source);
  const isTable =
    ts.isObjectLiteralExpression(node) &&
    node.properties.length > 6 &&
    node.properties.every((p) => ts.isPropertyAssignment(p) && ts.isObjectLiteralExpression(p.initializer));
  return isTable
    ? node.properties.map((p) => ({
        name: `${name}.${p.name.getText(source)}`,
        value: shownOf(/** @type {ts.PropertyAssignment} */ (p).initializer, source),
      }))
    : [{ name, value: shownOf(node, source) }];
}

/** Every constant with a figure in it, by room. */
export function constants() {
  return ROOMS.flatMap((room) =>
    files(join(CORE, room)).flatMap((path) => {
      const source = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.ES2022, true);
      let said = '';
      let ended = -1;
      return source.statements.flatMap((statement) => {
        if (!ts.isVariableStatement(statement)) return [];
        return statement.declarationList.declarations.flatMap((d) => {
          // Places in a row of numbers and names of cases are no figures.
          if (
            !d.initializer ||
            !ts.isIdentifier(d.name) ||
            shownOf(d.initializer, source) === undefined ||
            ['GLYPHS', 'POINT', 'POINT_SIZE', 'FAULT', 'ORDER', 'AS_PLANNED'].includes(d.name.text)
          )
            return [];
          // One comment may stand over several that belong together, without a line between them.
          const own = saidOf(statement);
          const begins = source.getLineAndCharacterOfPosition(statement.getStart(source)).line;
          said = own || (begins === ended + 1 ? said : '');
          ended = source.getLineAndCharacterOfPosition(statement.end).line;
          const file = path.slice(CORE.length + 1, -3);
          return rowsOf(d.name.text, d.initializer, source)
            .filter(({ value }) => value !== undefined)
            .map(({ name, value }) => ({ room, file, name, value, said, isOwn: own !== '' }));
        });
      });
    }),
  );
}

/** The tables, a room each. */
export function ledger() {
  const all = constants();
  return ROOMS.map((room) => {
    const rows = all.filter((c) => c.room === room);
    if (rows.length === 0) return '';
    const lines = rows.map(
      (c) => `| \`${c.name}\` | ${c.value} | ${c.said} | \`${c.file.slice(room.length + 1)}\` |`,
    );
    return [
      `### ${room}`,
      '',
      '| constant | value | what it is, unit, source or reason | file |',
      '| --- | --- | --- | --- |',
      ...lines,
      '',
    ].join('\n');
  }).join('\n');
}

/** The document with its ledger as it should be. */
export async function document() {
  const text = readFileSync(FILE, 'utf8');
  const at = text.indexOf(BEGIN);
  const before = at < 0 ? `${text.trimEnd()}\n\n` : text.slice(0, at);
  return format(`${before}${BEGIN}\n\n${ledger()}`, { ...(await resolveConfig(FILE)), parser: 'markdown' });
}

if (process.argv[1] === import.meta.filename) {
  writeFileSync(FILE, await document());
  const page = join(root, 'docs/larder.md');
  const text = larderPage(await import('../../packages/core/dist/index.js'));
  writeFileSync(page, await format(text, { ...(await resolveConfig(page)), parser: 'markdown' }));
}
