// The texts of the page, one a line: where it stands, a tab, the text. bin/words calls it.
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

const SILENT = /^(className|style|data-.*|role|type|name|id|href|d|fill|stroke|kind|viewBox|transform|path|points|figure|textAnchor|autoComplete)$/;

const files = (folder) =>
    readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
        const path = join(folder, entry.name);
        if (entry.isDirectory()) {
            return files(path);
        }
        return /\.tsx?$/.test(entry.name) && !/\.test\.|testing|contract\.ts$|tokens\.ts$/.test(entry.name) ? [path] : [];
    });

const isText = (text) => {
    const plain = text.replaceAll('{}', '').trim();
    return (
        /[A-Za-z]{2}/.test(plain) &&
        !/^[a-z0-9_./:*\-#%{}()=,+ ]+$/.test(text.replace(/ /g, '')) |
            (/ /.test(plain) && !/^(M|L) ?[\d{]/.test(plain) && !/\bpx\b|rgb|minmax|translate\(|^var\(|^[.#[]/.test(plain)) &&
        (/ /.test(plain) || /^[A-Z][a-z]/.test(plain))
    );
};

for (const file of files('web').sort()) {
    const source = ts.createSourceFile(
        file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true, file.endsWith('x') ? ts.ScriptKind.TSX : ts.ScriptKind.TS,
    );
    const say = (node, text) => {
        const flat = text.replace(/\s+/g, ' ').trim();
        if (isText(flat)) {
            const { line } = source.getLineAndCharacterOfPosition(node.getStart(source));
            process.stdout.write(`${file}:${line + 1}\t${flat}\n`);
        }
    };
    const visit = (node) => {
        if (ts.isImportDeclaration(node) || ts.isTaggedTemplateExpression(node) || ts.isTypeNode(node)) {
            return;
        }
        if (ts.isJsxText(node)) {
            say(node, node.text);
        } else if (ts.isJsxAttribute(node) && SILENT.test(node.name.getText(source)) && node.initializer && ts.isStringLiteral(node.initializer)) {
            return;
        } else if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) {
            say(node, node.text);
        } else if (ts.isTemplateExpression(node)) {
            say(node, node.head.text + node.templateSpans.map((span) => `{}${span.literal.text}`).join(''));
            node.templateSpans.forEach((span) => visit(span.expression));
        } else {
            ts.forEachChild(node, visit);
        }
    };
    visit(source);
}
