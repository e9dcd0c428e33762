import ts from 'typescript';

/**
 * Small wrong changes to a file: what a tired hand could write, one at a time. Of two kinds: `structural` (a flipped
 * comparison, a dropped term, a branch the other way round, a call left out) and `constant` (a figure a fifth off).
 */
const OPPOSITE = new Map([
  ['<', '>='],
  ['<=', '>'],
  ['>', '<='],
  ['>=', '<'],
  ['===', '!=='],
  ['!==', '==='],
  ['&&', '||'],
  ['||', '&&'],
  ['+', '-'],
  ['-', '+'],
  ['*', '/'],
  ['/', '*'],
]);
const TERMS = new Set(['+', '-', '*', '/']);

/** A number written down as a figure: the value of a constant, not an index, a nought or a one. */
function isFigure(node) {
  if (!ts.isNumericLiteral(node) || [0, 1].includes(Number(node.text.replaceAll('_', '')))) return false;
  for (let at = node.parent; at; at = at.parent) {
    if (ts.isFunctionLike(at) || ts.isElementAccessExpression(at) || ts.isTypeNode(at)) return false;
    if (ts.isVariableStatement(at)) return at.parent.kind === ts.SyntaxKind.SourceFile;
  }
  return false;
}

/**
 * Every wrong change of a text.
 * @returns {{ kind: 'structural' | 'constant', line: number, what: string, text: string }[]}
 */
export function mutantsOf(fileName, text) {
  const source = ts.createSourceFile(fileName, text, ts.ScriptTarget.ES2022, true);
  const found = [];
  const add = (kind, from, to, instead, what) => {
    const line = source.getLineAndCharacterOfPosition(from).line + 1;
    found.push({ kind, line, what, text: text.slice(0, from) + instead + text.slice(to) });
  };
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isBinaryExpression(node)) {
      const { left, right, operatorToken: op } = node;
      const word = op.getText(source);
      const isText = [left, right].some((n) => ts.isStringLiteralLike(n) || ts.isTemplateExpression(n));
      if (OPPOSITE.has(word) && !isText)
        add('structural', op.getStart(source), op.end, OPPOSITE.get(word), `${word} → ${OPPOSITE.get(word)}`);
      if (TERMS.has(word) && !isText)
        add('structural', left.end, right.end, '', `dropped ${word} ${right.getText(source)}`);
    }
    if (ts.isConditionalExpression(node)) {
      const { whenTrue: a, whenFalse: b } = node;
      const swapped = `${b.getText(source)}${text.slice(a.end, b.getStart(source))}${a.getText(source)}`;
      add('structural', a.getStart(source), b.end, swapped, 'branches swapped');
    }
    if (ts.isIfStatement(node)) {
      const { expression: e } = node;
      add('structural', e.getStart(source), e.end, `!(${e.getText(source)})`, `if not ${e.getText(source)}`);
    }
    if (ts.isPropertyAccessExpression(node) && node.expression.getText(source) === 'Math') {
      const other = { min: 'max', max: 'min', floor: 'ceil', ceil: 'floor' }[node.name.text];
      if (other)
        add(
          'structural',
          node.name.getStart(source),
          node.name.end,
          other,
          `Math.${node.name.text} → ${other}`,
        );
    }
    if (node.kind === ts.SyntaxKind.TrueKeyword || node.kind === ts.SyntaxKind.FalseKeyword) {
      const other = node.kind === ts.SyntaxKind.TrueKeyword ? 'false' : 'true';
      if (!ts.isLiteralTypeNode(node.parent))
        add('structural', node.getStart(source), node.end, other, `→ ${other}`);
    }
    if (ts.isExpressionStatement(node) && ts.isCallExpression(node.expression))
      add(
        'structural',
        node.getStart(source),
        node.end,
        ';',
        `left out ${node.getText(source).slice(0, 50)}`,
      );
    if (isFigure(node)) {
      const value = Number(node.text.replaceAll('_', ''));
      for (const by of [1.2, 0.8])
        add(
          'constant',
          node.getStart(source),
          node.end,
          String(Number((value * by).toPrecision(12))),
          `${node.text} × ${by}`,
        );
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** Numbers between 0 and 1 from a seed (mulberry32, public domain): the same sample everywhere. */
export function randomFrom(seed) {
  let a = seed >>> 0;
  return () => {
    a = (a + 0x6d2b79f5) >>> 0;
    let t = Math.imul(a ^ (a >>> 15), a | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
