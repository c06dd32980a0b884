//! Statements of SQL in texts of all languages: each is a use of the tables it names.

use rstest::rstest;
use testkit::{Project, ask, engine, places};

const SCHEMA: (&str, &str) = ("schema.sql", "CREATE TABLE racks (\n    id INTEGER PRIMARY KEY,\n    cave TEXT NOT NULL\n);\n");

#[rstest]
#[case::csharp("a.cs", "class A {\n  string ask = \"SELECT cave \" +\n    \"FROM racks WHERE id = ?\";\n}\n", 3)]
#[case::go("a.go", "package a\n\nconst ask = `\n\tSELECT cave\n\t  FROM racks WHERE id = ?`\n", 5)]
#[case::go_joined("a.go", "package a\n\nvar ask = \"SELECT cave \" +\n\t\"FROM racks WHERE id = ?\"\n", 4)]
#[case::java("A.java", "class A {\n  String ask = \"SELECT cave \"\n    + \"FROM racks WHERE id = ?\";\n}\n", 3)]
#[case::kotlin("a.kt", "val ask = \"SELECT cave \" +\n  \"FROM racks WHERE id = ?\"\n", 2)]
#[case::lua("a.lua", "local ask = \"SELECT cave FROM racks WHERE id = ?\"\n", 1)]
#[case::perl("a.pl", "my $ask = 'SELECT cave\n  FROM racks WHERE id = ?';\nrun(qq{DELETE FROM racks});\n", 2)]
#[case::php("a.php", "<?php\n$ask = 'SELECT cave '\n  . 'FROM racks WHERE id = ?';\n", 3)]
#[case::php_filled("a.php", "<?php\n$ask = \"SELECT cave FROM racks WHERE id = $id\";\n", 2)]
#[case::python("a.py", "ask = (\"SELECT cave \"\n       \"FROM racks WHERE id = ?\")\n", 2)]
#[case::ruby("a.rb", "ask = 'SELECT cave FROM racks WHERE id = ?'\n", 1)]
#[case::rust("a.rs", "const ASK: &str = \"SELECT cave FROM racks WHERE id = ?\";\n", 1)]
#[case::scala("a.scala", "object A { val ask = \"SELECT cave FROM racks WHERE id = ?\" }\n", 1)]
#[case::typescript("a.ts", "const ask = `SELECT cave\n  FROM racks WHERE id = ${id}`;\n", 2)]
fn a_statement_uses_the_tables_it_names(#[case] path: &str, #[case] text: &str, #[case] line: u32) {
    let project = Project::with(&[SCHEMA, (path, text)]);
    let engine = engine(&project);
    assert!(places(&ask(&engine, "who reads racks")).contains(&format!("{path}:{line}")), "{:?}", places(&ask(&engine, "who uses racks")));
    assert!(!places(&ask(&engine, "who uses racks.cave")).is_empty(), "columns are known too");
}

/// A statement that is kept under a name is used where the name is.
#[rstest]
#[case::csharp("a.cs", "class A {\n  const string Ask = \"SELECT cave FROM racks\";\n  void Go(Db db) { db.Run(Ask); }\n}\n", 3)]
#[case::go("a.go", "package a\n\nconst ask = `SELECT cave FROM racks`\n\nfunc run(db *Db) { db.Query(ask) }\n", 5)]
#[case::java("A.java", "class A {\n  static final String ASK = \"SELECT cave FROM racks\";\n  void go(Db db) { db.prepare(ASK); }\n}\n", 3)]
#[case::php("a.php", "<?php\nconst ASK = 'SELECT cave FROM racks';\nfunction go($db) { $db->query(ASK); }\n", 3)]
#[case::python("a.py", "ASK = \"SELECT cave FROM racks\"\n\ndef go(db):\n    db.execute(ASK)\n", 4)]
fn a_statement_is_used_where_its_name_is(#[case] path: &str, #[case] text: &str, #[case] line: u32) {
    let project = Project::with(&[SCHEMA, (path, text)]);
    let engine = engine(&project);
    assert!(places(&ask(&engine, "who reads racks")).contains(&format!("{path}:{line}")), "{:?}", places(&ask(&engine, "who reads racks")));
}
