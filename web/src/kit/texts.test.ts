import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

const SOURCES = join(import.meta.dirname, '..');

/** Attributes that nobody reads: names of classes, addresses, keys of the library. */
const SILENT = new Set([
  'className',
  'key',
  'd',
  'to',
  'href',
  'type',
  'variant',
  'viewBox',
  'transform',
  'id',
]);

/** Text that a person reads: what stands between tags, and strings that hold words. */
function textsOf(path: string): string[] {
  const source = ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true);
  const found: string[] = [];
  const add = (text: string) => {
    const said = text.replace(/\s+/g, ' ').trim();
    if (/[a-z]{2}/i.test(said)) found.push(said);
  };
  const visit = (node: ts.Node) => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node)) return;
    if (ts.isJsxAttribute(node) && SILENT.has(node.name.getText())) return;
    if (ts.isJsxText(node)) add(node.text);
    else if (ts.isTemplateExpression(node)) {
      add(node.head.text + node.templateSpans.map((s) => `…${s.literal.text}`).join(''));
      node.templateSpans.forEach((s) => visit(s.expression));
      return;
    } else if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
      if (/[a-z] [a-z]/i.test(node.text) && !/^[MLQCAZ\d .-]+$|var\(--/.test(node.text)) add(node.text);
    }
    node.forEachChild(visit);
  };
  source.forEachChild(visit);
  return found;
}

const files = readdirSync(SOURCES, { recursive: true, encoding: 'utf8' }).filter(
  (f) => /\.tsx?$/.test(f) && !/\.test\.|schema\.d\.ts/.test(f),
);
const texts = files.flatMap((f) => textsOf(join(SOURCES, f)).map((text) => ({ file: f, text })));

/** The list to read: every text of the screen under its file. */
const LIST = join(SOURCES, '../node_modules/.texts-of-the-screen.txt');

describe('every text of the screen', () => {
  writeFileSync(LIST, texts.map((t) => `${t.file}\t${t.text}`).join('\n'));

  it('is found: from every folder that draws', () => {
    expect(texts.length).toBeGreaterThan(1000);
  });

  it.each([
    ['words out of use', /\b(reckon\w*|whilst|thereof|hence|amongst|upon|of which)\b/i],
    ['words that mean another thing at this bench', /\b(mandrill|anneal temper|put away)\b/i],
    ['promises', /\b(coming soon|not yet built|todo|tbd)\b/i],
    ['a word twice', /\b(\w+) \1\b/i],
    ['a space before a stop', /(?<!Keys) [,.;:](?: (?!step)|$)/],
  ])('holds none of: %s', (_, pattern) => {
    expect(texts.filter((t) => pattern.test(t.text) && !/^[.,;:]/.test(t.text))).toEqual([]);
  });
});
