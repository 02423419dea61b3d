import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';
import list from '../../lang/words.json';

const ROOT = join(__dirname);
const NOT = Object.entries(list.not).map(([not, say]) => ({ not: new RegExp(not, 'i'), say }));

/** Every text that a person may read: what stands between tags, and every literal of more than one word. */
function texts(file: string): string[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true, ts.ScriptKind.TSX);
  const found: string[] = [];
  const visit = (node: ts.Node) => {
    if (ts.isImportDeclaration(node) || ts.isTypeNode(node)) return;
    const text = ts.isJsxText(node)
      ? node.text
      : ts.isStringLiteralLike(node)
        ? node.text
        : ts.isTemplateExpression(node)
          ? [node.head.text, ...node.templateSpans.map((span) => span.literal.text)].join('…')
          : '';
    const words = text.replace(/\s+/g, ' ').trim();
    if (/[a-z]/i.test(words) && (ts.isJsxText(node) || / /.test(words))) found.push(words);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

// read once, before the tests: it takes a while on a busy machine
const READ = readdirSync(ROOT, { recursive: true, encoding: 'utf8' })
  .filter((name) => /\.tsx?$/.test(name) && !/\.test\.|schema\.d/.test(name))
  .flatMap((name) => texts(join(ROOT, name)).map((text) => ({ name, text })));

describe('what the screens say', () => {
  it('uses the one name each thing has', () => {
    const wrong = READ.flatMap(({ name, text }) =>
      NOT.filter(({ not }) => not.test(text)).map(({ not, say }) => `${name}: “${text}” (${not.source}: ${say})`),
    );
    expect(READ.length).toBeGreaterThan(500);
    expect(wrong).toEqual([]);
  });

  it('has no sentence that is too long to be read aloud in one breath', () => {
    const long = READ.flatMap(({ name, text }) =>
      text
        .split(/(?<=[.?!])\s/)
        .filter(
          (each) => each.split(/\s+/).filter((word) => /[a-z]/i.test(word)).length > list.most_words_in_a_sentence,
        )
        .filter((each) => !/[<{=]/.test(each))
        .map((each) => `${name}: “${each}”`),
    );
    expect(long).toEqual([]);
  });
});
