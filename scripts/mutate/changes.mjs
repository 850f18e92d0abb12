// What can be changed in a source file, and the file with those changes behind their switches.
import ts from 'typescript';

/** What a comparison is changed to: its bound moved, which only a test at the limit sees, and its contrary. */
const OTHERS = {
  [ts.SyntaxKind.LessThanToken]: ['<=', '>='],
  [ts.SyntaxKind.LessThanEqualsToken]: ['<', '>'],
  [ts.SyntaxKind.GreaterThanToken]: ['>=', '<='],
  [ts.SyntaxKind.GreaterThanEqualsToken]: ['>', '<'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken]: ['!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken]: ['==='],
};

/** Another number, near enough that only a test at the limit sees it. */
function otherNumber(text) {
  const value = Number(text.replaceAll('_', ''));
  if (!Number.isInteger(value)) return String(Number((value * 1.05).toPrecision(12)));
  return String(value < 20 ? value + 1 : Math.round(value * 1.05));
}

/** A number that is no expression: the name of a field, or an index that says which part is meant. */
const isName = node =>
  node.parent.name === node ||
  (ts.isElementAccessExpression(node.parent) && node.parent.argumentExpression === node);

/**
 * A fallback that only the types ask for: what is read from a list by its index, or of a figure that is known to be a
 * number. No test can come by it.
 */
function isFallback(node) {
  const { parent } = node;
  if (!ts.isBinaryExpression(parent) || parent.operatorToken.kind !== ts.SyntaxKind.QuestionQuestionToken)
    return false;
  if (parent.right !== node) return false;
  const { left } = parent;
  return (
    ts.isElementAccessExpression(left) ||
    (ts.isCallExpression(left) && left.expression.getText().endsWith('numberOf'))
  );
}

/** What roundings may differ by, or “none” as −1 where an index would stand: another such number means the same. */
function isToken(node) {
  const value = Number(node.text);
  if (value > 0 && value <= 1e-6) return true;
  const { parent } = node;
  if (value !== 1 || !ts.isPrefixUnaryExpression(parent) || parent.operator !== ts.SyntaxKind.MinusToken)
    return false;
  const around = parent.parent;
  return (
    ts.isVariableDeclaration(around) ||
    ts.isArrayLiteralExpression(around) ||
    ts.isReturnStatement(around) ||
    ts.isConditionalExpression(around) ||
    (ts.isBinaryExpression(around) && around.operatorToken.kind === ts.SyntaxKind.QuestionQuestionToken)
  );
}

/** Every place of a file that can be changed: where, what stands there, and what is put there instead. */
export function changesOf(path, text) {
  const file = ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true);
  const changes = [];
  const add = (shown, whole, to, changed) =>
    changes.push({
      path,
      line: file.getLineAndCharacterOfPosition(shown.getStart()).line + 1,
      start: whole.getStart(),
      end: whole.end,
      from: shown.getText(),
      to,
      changed,
    });
  const visit = node => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node)) return;
    if (ts.isNumericLiteral(node) && !isName(node) && !isFallback(node) && !isToken(node)) {
      const to = otherNumber(node.text);
      add(node, node, to, to);
    }
    if (ts.isBinaryExpression(node)) {
      for (const to of OTHERS[node.operatorToken.kind] ?? []) {
        add(node.operatorToken, node, to, `${node.left.getText()} ${to} ${node.right.getText()}`);
      }
    }
    ts.forEachChild(node, visit);
  };
  visit(file);
  return changes;
}

/**
 * The text with each change behind its switch `__changed(at)`. One within another stands in what the outer one leaves
 * as it is, since only one is ever on.
 */
export function switched(text, changes) {
  // Inner ones first: an outer one then takes up what they have become.
  const order = [...changes].sort((a, b) => b.start - a.start || a.end - b.end);
  const shifts = [];
  let out = text;
  for (const { start, end, at, changed } of order) {
    // Everything written so far lies behind the start; what lies within widens the end.
    const wider = shifts.filter(shift => shift.end <= end).reduce((sum, { by }) => sum + by, 0);
    const was = out.slice(start, end + wider);
    const becomes = `(__changed(${at}) ? ${changed} : ${was})`;
    out = out.slice(0, start) + becomes + out.slice(end + wider);
    shifts.push({ end, by: becomes.length - was.length });
  }
  return out;
}
