// Holds the room of words against all that speaks through it:
//   - an id that is said, told or found has its message;
//   - it is given the values that stand in its message, and no others;
//   - no message is left that nothing says;
//   - no sentence or label for the cook stands in code outside the room of words.
// An id that is put together, such as `part.${kind}`, speaks for every message that fits it.
import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { IntlMessageFormat } from 'intl-messageformat';
import ts from 'typescript';
import { main, ROOT, say, Trouble } from './shell.mjs';

const SPEAKING = [
  'core/src',
  'contract/src',
  'server/src',
  'client/src',
  'client/app',
  'words/src',
];
/** Every language has a folder of its own; English is the one the others are held against. */
const CATALOGUES = /^words\/src\/([a-z]{2})\//;
/** Where no sentences of the application are: names of ingredients, what recipes are written in, and a solver's program. */
const DATA = /^core\/src\/(ingredients|written)\/|^core\/src\/day\/solver\/flatzinc\.ts$/;

const sources = SPEAKING.flatMap((room) =>
  readdirSync(join(ROOT, room), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile() && /\.tsx?$/.test(entry.name))
    .map((entry) => relative(ROOT, join(entry.parentPath ?? entry.path, entry.name))),
).filter((path) => !/\.test\.tsx?$|\.d\.ts$|\/testing\/|\/bench\/.*\.bench/.test(path));

const parse = (path) =>
  ts.createSourceFile(path, readFileSync(join(ROOT, path), 'utf8'), ts.ScriptTarget.Latest, true);

const ID = /^[a-z0-9]+(-[a-z0-9]+)*(\.[a-z0-9]+(-[a-z0-9]+)*)+$/;

function each(node, visit) {
  visit(node);
  ts.forEachChild(node, (child) => each(child, visit));
}

const place = (file, node) => {
  const { line } = file.getLineAndCharacterOfPosition(node.getStart(file));
  return `${file.fileName}:${line + 1}`;
};

/** The text of a literal, or of literals added up. */
const textOf = (node) =>
  ts.isBinaryExpression(node) ? textOf(node.left) + textOf(node.right) : node.text;

/** The messages of each language: its id, and what it says where. */
const languages = new Map();
for (const path of sources) {
  const [, language] = CATALOGUES.exec(path) ?? [];
  if (!language) continue;
  if (!languages.has(language)) languages.set(language, new Map());
  const file = parse(path);
  each(file, (node) => {
    if (ts.isPropertyAssignment(node) && ts.isStringLiteral(node.name)) {
      languages
        .get(language)
        .set(node.name.text, { at: place(file, node), text: textOf(node.initializer) });
    }
  });
}
const messages = languages.get('en');
const rooms = new Set([...messages.keys()].map((id) => id.split('.')[0]));

const GIVES_VALUES = new Set(['say', 'tell', 'finding']);
/** The kinds of element of a message that stand for no value: its text, and the # of a plural. */
const TEXT = 0;
const POUND = 7;
/** And the kind that chooses by a word. */
const SELECT = 5;
const astOf = (text) => new IntlMessageFormat(text, 'en', undefined, { ignoreTag: true }).getAst();

/** Calls that take an id, and at which place. */
const TAKES_ID = new Map([
  ['say', 0],
  ['tell', 0],
  ['finding', 0],
  ['fail', 0],
  ['refusal', 0],
]);
/** What a server refuses with is told by the message of that name in this room. */
const REFUSED = 'api.';

const used = new Set();
const wrong = [];

function idsOf(file) {
  each(file, (node) => {
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
      const refused = isArgument(node, 'Refusal', 1) ? `${REFUSED}${node.text}` : node.text;
      if (messages.has(refused)) used.add(refused);
      else if (takesId(node) || (ID.test(node.text) && rooms.has(node.text.split('.')[0]))) {
        wrong.push(`${place(file, node)}: there is no message '${refused}'`);
      }
    }
    if (ts.isTemplateExpression(node) && ID.test(`${node.head.text.replace(/[.-]$/, '')}.x`)) {
      const pattern = [node.head.text, ...node.templateSpans.map((span) => span.literal.text)];
      if (!rooms.has(node.head.text.split('.')[0])) return;
      const fits = new RegExp(
        `^${pattern.map((text) => text.replaceAll('.', '\\.')).join('[a-zA-Z0-9.-]+')}$`,
      );
      const fitting = [...messages.keys()].filter((id) => fits.test(id));
      if (fitting.length === 0 && takesId(node))
        wrong.push(`${place(file, node)}: no message fits ${fits}`);
      fitting.forEach((id) => used.add(id));
    }
  });
}

function isArgument(node, called, at) {
  const { parent } = node;
  if (!ts.isCallExpression(parent) && !ts.isNewExpression(parent)) return false;
  return parent.expression.getText() === called && parent.arguments?.[at] === node;
}

/** Attributes whose text is shown, however short it is. */
const SHOWN = /^(label|title|hint|placeholder|about|summary|aria-label)$/;

/** Whether a text is shown as it stands, whichever way it is chosen: in an element, such an attribute, or a longer text. */
function isShown(node) {
  const { parent } = node;
  if (ts.isJsxAttribute(parent)) return SHOWN.test(parent.name.getText());
  if (ts.isTemplateSpan(parent))
    return !ID.test(`${parent.parent.head.text.replace(/[.-]$/, '')}.x`);
  if (ts.isJsxExpression(parent)) {
    return ts.isJsxAttribute(parent.parent) ? isShown(parent) : !ts.isJsxSpreadAttribute(parent);
  }
  const chosen =
    (ts.isConditionalExpression(parent) && parent.condition !== node) ||
    (ts.isBinaryExpression(parent) && /^(\?\?|&&|\|\|)$/.test(parent.operatorToken.getText())) ||
    ts.isParenthesizedExpression(parent);
  return chosen && isShown(parent);
}

/** Whether a message chooses its words by this text, as `{door, select, shut {closed} other {ajar}}` does by 'shut' and 'ajar'. */
function isSelectedBy(node, values) {
  const [id] = values.parent.arguments;
  const property = values.properties.find(
    (each) => node.pos >= each.pos && node.end <= each.end && ts.isPropertyAssignment(each),
  );
  const message = ts.isStringLiteralLike(id) && messages.get(id.text);
  if (!property || !message) return false;
  return astOf(message.text).some(
    ({ type, value }) => type === SELECT && value === property.name.getText(),
  );
}

/** Whether it is put into a message as it stands: `say('…', { more: 'once' })`. */
function isPutIntoAMessage(node) {
  for (let up = node.parent; up; up = up.parent) {
    if (ts.isBinaryExpression(up) && /^(===|!==)$/.test(up.operatorToken.getText())) return false;
    if (ts.isObjectLiteralExpression(up))
      return (isArgument(up, 'say', 1) || isArgument(up, 'finding', 1)) && !isSelectedBy(node, up);
    if (ts.isCallExpression(up) || ts.isFunctionLike(up)) return false;
  }
  return false;
}

const takesId = (node) => [...TAKES_ID].some(([called, at]) => isArgument(node, called, at));

/** Attributes and properties whose text no cook reads. */
const UNREAD =
  /^(testID|className|key|id|href|type|role|accept|dangerouslySetInnerHTML|viewBox|d|fill|stroke|transform|[a-zA-Z]*[cC]lass(Name)?s?|font[A-Z]\w*|path|method|credentials|cache|mode|name)$/;

/** A sentence, a label or a word as a cook would read it: not styles, nor the letters a date is laid out by. */
const isWording = (text) =>
  (/[a-z] [a-z]/i.test(text) ||
    /^[A-Z]([a-z]{2,}|[a-z] )/.test(text) ||
    /^ [a-z]+|…[ ,;]+[a-z]{2,}|[a-z]{2} $/.test(text)) &&
  !text.split(' ').every((word) => /^[a-z]+(-[a-z]+)+$/.test(word)) &&
  !/^(…|[ ·,:EMdyHm])+$/.test(text);

function isUnread(node) {
  for (let at = node, up = node.parent; up; at = up, up = up.parent) {
    if (ts.isImportDeclaration(up) || ts.isExportDeclaration(up) || ts.isLiteralTypeNode(up))
      return true;
    if (ts.isTypeNode(up) || ts.isElementAccessExpression(up) || ts.isCaseClause(up)) return true;
    if (ts.isBinaryExpression(up) && /^(===|!==|in)$/.test(up.operatorToken.getText())) return true;
    if (ts.isThrowStatement(up)) return true;
    if (ts.isNewExpression(up) && /Error$/.test(up.expression.getText())) return true;
    // The name of an icon is written small; that of a formula is not.
    if (ts.isJsxAttribute(up) && up.name.getText() === 'name') return !/^[A-Z]/.test(node.text);
    if (ts.isJsxAttribute(up)) return UNREAD.test(up.name.getText());
    if (ts.isPropertyAssignment(up) && up.name !== at && UNREAD.test(up.name.getText()))
      return true;
    if (ts.isPropertyAssignment(up) && up.name === at) return true;
    if (ts.isCallExpression(up) && up.expression !== at) return false;
  }
  return false;
}

function wordingOf(file) {
  each(file, (node) => {
    if (ts.isJsxText(node) && /[a-z]{2}/i.test(node.text)) {
      wrong.push(`${place(file, node)}: words outside the room of words: ${node.text.trim()}`);
    }
    const text = ts.isStringLiteralLike(node)
      ? node.text
      : ts.isTemplateExpression(node)
        ? [node.head.text, ...node.templateSpans.map((span) => span.literal.text)].join('…')
        : undefined;
    if (text === undefined || isUnread(node)) return;
    if (isWording(text) || ((isShown(node) || isPutIntoAMessage(node)) && /[a-z]{2}/i.test(text))) {
      wrong.push(`${place(file, node)}: words outside the room of words: ${text}`);
    }
  });
}

/** The names of the values that stand in a message, but for its fixed temperatures: `{c71}`. */
function valuesIn(text) {
  const names = new Set();
  const walk = (elements) => {
    for (const { type, value, options = {} } of elements) {
      if (type === TEXT || type === POUND) continue;
      names.add(value);
      Object.values(options).forEach((option) => walk(option.value));
    }
  };
  walk(astOf(text));
  return [...names].filter((name) => !/^[ck]\d+$/.test(name)).sort();
}

/** Compares what a call gives with what its message takes, where the call says both outright. */
function valuesOf(file) {
  each(file, (node) => {
    if (!ts.isCallExpression(node) || !GIVES_VALUES.has(node.expression.getText())) return;
    const [id, values] = node.arguments;
    const message = id && ts.isStringLiteralLike(id) && messages.get(id.text);
    if (!message || (values && !ts.isObjectLiteralExpression(values))) return;
    const given = (values?.properties ?? []).map(({ name }) => name?.getText());
    if (given.includes(undefined)) return;
    const wanted = valuesIn(message.text);
    if (given.sort().join() !== wanted.join()) {
      wrong.push(`${place(file, node)}: '${id.text}' takes {${wanted}} and is given {${given}}`);
    }
  });
}

/** Holds a language against English: the same ids, each with the same values. */
function besideEnglish(language, catalogue) {
  for (const [id, { at, text }] of messages) {
    const theirs = catalogue.get(id);
    if (!theirs) wrong.push(`${at}: '${id}' is not said in '${language}'`);
    else if (valuesIn(theirs.text).join() !== valuesIn(text).join())
      wrong.push(`${theirs.at}: '${id}' takes {${valuesIn(text)}}, not {${valuesIn(theirs.text)}}`);
  }
  for (const [id, { at }] of catalogue) {
    if (!messages.has(id)) wrong.push(`${at}: English has no '${id}'`);
  }
}

await main(async () => {
  for (const path of sources.filter((path) => !CATALOGUES.test(path))) {
    const file = parse(path);
    idsOf(file);
    valuesOf(file);
    if (/^(client|core)\//.test(path) && !DATA.test(path)) wordingOf(file);
  }
  for (const [id, { at }] of messages) {
    if (!used.has(id)) wrong.push(`${at}: nothing says '${id}'`);
  }
  for (const [language, catalogue] of languages)
    if (language !== 'en') besideEnglish(language, catalogue);
  if (wrong.length > 0) throw new Trouble(`${wrong.join('\n')}\n${wrong.length} to put right`);
  say(`${messages.size} messages, each of them said`);
});
