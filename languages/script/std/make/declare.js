// Writes declarations of names that scripts have without any import, one file a year of the language and one for browsers.
//
// node declare.js FOLDER-OF-COMPILER NAMES OUT
// NAMES: a name and a line of documentation in each line, under `@es5`, `@es2015` …, `@dom`: `@dom` lists what is taken of browsers,
// of the language everything is taken.
const fs = require("fs");
const path = require("path");
const [compiler, names, out] = process.argv.slice(2);
const ts = require(path.join(compiler, "typescript.js"));

const documented = new Map();
const browser = new Set();
let at = "";
for (const line of fs.readFileSync(names, "utf8").split("\n")) {
  if (line.startsWith("@")) at = line.slice(1);
  const [name, doc] = line.split("\t");
  if (!doc) continue;
  documented.set(name, doc);
  if (at === "dom") browser.add(name);
}

const printer = ts.createPrinter({ removeComments: true });
const years = [["es5"], ...[2015, 2016, 2017, 2018, 2019, 2020, 2021, 2022, 2023].map((y) => ["es" + y]), ["dom"]];
fs.mkdirSync(out, { recursive: true });
for (const [year] of years) {
  const files = fs.readdirSync(compiler).filter((f) => f === `lib.${year}.d.ts` || (year !== "es5" && year !== "dom" && f.startsWith(`lib.${year}.`) && !f.endsWith(".full.d.ts")));
  const seen = new Set();
  let text = "";
  for (const file of files.sort()) {
    const source = ts.createSourceFile(file, fs.readFileSync(path.join(compiler, file), "utf8"), ts.ScriptTarget.Latest, true);
    for (const statement of source.statements) {
      const name = statement.name?.text ?? statement.declarationList?.declarations[0]?.name.text;
      if (year === "dom" && !browser.has(name)) continue;
      if (documented.has(name) && !seen.has(name)) text += `/** ${documented.get(name)} */\n`;
      seen.add(name);
      text += printer.printNode(ts.EmitHint.Unspecified, statement, source) + "\n";
    }
  }
  fs.writeFileSync(path.join(out, `lib.${year}.d.ts`), text);
}
