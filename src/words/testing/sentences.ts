import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** A text the screens can say, with where it stands. What is filled in stands as "…". */
export interface Said {
  readonly file: string;
  readonly line: number;
  readonly text: string;
}

const ROOT = join(__dirname, '../../..');
/** Where texts for growers stand. */
const FOLDERS = ['src/words', 'src/features', 'src/shell', 'src/ui', 'src/acts'];

/** What a node says, or undefined where it says nothing: names, imports, types and the like. */
function textOf(node: ts.Node): string | undefined {
  if (ts.isJsxText(node)) return node.text.replaceAll(/\s+/g, ' ').trim();
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) return node.text;
  if (ts.isTemplateExpression(node))
    return [node.head.text, ...node.templateSpans.map(({ literal }) => `…${literal.text}`)].join(
      '',
    );
  return undefined;
}

/** A text is for people where it has several words and no sign of code. */
const isForPeople = (text: string) =>
  /[a-z]/i.test(text) && /\S\s+\S/.test(text) && !/^[\s\d.,%]*$|[{}<>=;]|^@|:\/\//.test(text);

function saidIn(file: string): Said[] {
  const source = ts.createSourceFile(
    file,
    readFileSync(join(ROOT, file), 'utf8'),
    ts.ScriptTarget.Latest,
    true,
    file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
  );
  const said: Said[] = [];
  const walk = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return;
    const text = textOf(node);
    if (text !== undefined && isForPeople(text)) {
      const { line } = source.getLineAndCharacterOfPosition(node.getStart(source));
      said.push({ file, line: line + 1, text });
    }
    ts.forEachChild(node, walk);
  };
  walk(source);
  return said;
}

/** Every text for growers in the source: literals, templates and what stands between tags. */
export function everyText(): readonly Said[] {
  const files = FOLDERS.flatMap((folder) =>
    readdirSync(join(ROOT, folder), { recursive: true, encoding: 'utf8' })
      .filter((name) => /\.tsx?$/.test(name) && !/\.test\.|(^|\/)testing\//.test(name))
      .map((name) => `${folder}/${name}`),
  );
  return files.sort().flatMap(saidIn);
}

/** The sentences of a text; a colon, a semicolon or a dash ends none. */
export const sentencesOf = (text: string): readonly string[] =>
  text.split(/(?<=[.!?])\s+/).filter((each) => /[a-z]/i.test(each));

/** Words of a sentence; what is filled in counts for one. */
export const wordsOf = (sentence: string): number =>
  sentence.split(/\s+/).filter((word) => /[\p{L}\d…]/u.test(word)).length;
