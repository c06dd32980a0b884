//! What readers record for crossings, and what they leave alone.

use super::facts;
use compass_facts::{Argument, Facts, Kind, SignalKind, TextPart};
use rstest::rstest;

fn text_of(facts: &Facts, parts: &[TextPart]) -> String {
    parts.iter().map(|p| if let TextPart::Text(t) = p { facts.name(*t) } else { "{}" }).collect()
}

fn shown(facts: &Facts, argument: &Argument) -> String {
    match argument {
        Argument::Text(parts, _) => format!("'{}'", text_of(facts, parts)),
        Argument::Name(_) => "name".to_owned(),
        Argument::Call(_) => "call".to_owned(),
        Argument::List(all) => format!("[{}]", all.iter().map(|a| shown(facts, a)).collect::<Vec<_>>().join(" ")),
        Argument::Fields(all) => format!("{{{}}}", all.iter().map(|(n, a)| format!("{}={}", facts.name(*n), shown(facts, a))).collect::<Vec<_>>().join(" ")),
        Argument::Other => "other".to_owned(),
        Argument::Function(_) => "function".to_owned(),
    }
}

/// Each signal on a line: what it is, what it says, and around what it stands.
fn signals(facts: &Facts) -> Vec<String> {
    let line = |s: &compass_facts::Signal| match &s.kind {
        SignalKind::Call(c) => {
            let arguments = c.arguments.iter().map(|a| shown(facts, a));
            let named = c.named.iter().map(|(n, a)| format!("{}={}", facts.name(*n), shown(facts, a)));
            let marks = [c.decorates.map(|d| format!(" on {}", facts.def_name(d))), c.bound.map(|_| " kept".to_owned()), c.marks.then(|| " mark".to_owned())];
            format!("{}({}){}", facts.name(c.name), arguments.chain(named).collect::<Vec<_>>().join(", "), marks.into_iter().flatten().collect::<String>())
        }
        SignalKind::Constant(_, parts) => format!("constant '{}'", text_of(facts, parts)),
        SignalKind::Sql(names, bound) => {
            let name = |n: &compass_facts::SqlName| {
                format!("{} {}{}", n.verb.word(), facts.name(n.tables[0]), n.column.map(|c| format!(".{}", facts.name(c))).unwrap_or_default())
            };
            format!("sql {}{}", names.iter().map(name).collect::<Vec<_>>().join(", "), if bound.is_some() { " kept" } else { "" })
        }
        SignalKind::NativeExport(def, name) => format!("export {} as {}", facts.def_name(*def), facts.name(*name)),
        SignalKind::FullName(name) => format!("full name {}", facts.name(*name)),
        SignalKind::Given(g) => {
            let owner = g.owner.map(|o| format!("{}.", facts.name(o))).unwrap_or_default();
            let functions = g.functions.iter().map(|f| facts.name(*f));
            format!("{} {owner}{} is {}", facts.name(g.to), facts.name(g.name), functions.collect::<Vec<_>>().join(" or "))
        }
        SignalKind::PageName(name, is) => format!("page {is:?} {}", facts.name(*name)),
        SignalKind::GivesModule(to, name) => format!("{} module {}", facts.name(*to), facts.name(*name)),
        SignalKind::NativeImport(def, name, _) => format!("import {} as {}", facts.def_name(*def), facts.name(*name)),
    };
    facts.signals.iter().map(line).collect()
}

#[rstest]
#[case::rows("static PyMethodDef m[] = {\n#if A\n    {\"a\", f_a, X},\n#endif\n    {\"b\", (PyCFunction)f_b, X},\n    {NULL, NULL}\n};\n", &["python a is f_a", "python b is f_b or PyCFunction"])]
#[case::designated("PyMethodDef m = {.ml_name = \"a\", .ml_meth = f};\n", &["python a is f or ml_meth"])]
#[case::no_table("struct PyMethodDef *f(void) { return g(\"a\", b); }\n", &[])]
#[case::kept("void f(void) { lua_pushcfunction(L, g); lua_setfield(L, -2, \"g\"); lua_setfield(L, -2, \"h\"); }\n", &["lua g is g"])]
#[case::owner("VALUE c = rb_define_class(\"Rack\", o);\nvoid f(void) { rb_define_method(c, \"turn\", g, 0); }\n", &["ruby Rack.turn is g"])]
#[case::head("PHP_METHOD(Rack, turn)\n{\n}\n", &["php Rack.turn is "])]
#[case::never_closed("void f(void) { lua_register(L, \"a\", g, lua_register(L, \"b\", h\n", &["lua a is g", "lua b is h"])]
#[case::other_words("void f(void) { exports.Set(\"a\", g); m.def(\"b\", &h); }\n", &[])]
fn c_gives(#[case] text: &str, #[case] expected: &[&str]) {
    let facts = facts(languages::C, text);
    assert_eq!(signals(&facts), expected);
}

#[rstest]
#[case::module("PYBIND11_MODULE(_core, m) { m.def(\"a\", &f); }\n", &["python module _core", "python a is f"])]
#[case::chain("void f(py::module_ m) { py::class_<Rack>(m, \"Rack\").def(\"turn\", &Rack::turn).def(\"ask\", [](Rack &r) { return r.x(); }); }\n", &["python Rack.turn is turn or Rack", "python Rack.ask is "])]
#[case::in_angles("void f(Napi::Object exports) { exports.Set(\"a\", Napi::Function::New<G>(env)); }\n", &["javascript a is env or G or New or Function"])]
fn cpp_gives(#[case] text: &str, #[case] expected: &[&str]) {
    let facts = facts(languages::CPP, text);
    assert_eq!(signals(&facts), expected);
}

#[rstest]
#[case::decorator("@app.post(\"/w/<int:n>\", methods=[\"PUT\"])\ndef turn(n):\n    pass\n", &["post('/w/<int:n>', methods=['PUT']) on turn"])]
#[case::router("r = Blueprint(\"racks\", __name__, url_prefix=\"/r\")\n", &["Blueprint('racks', name, url_prefix='/r') kept"])]
#[case::nested_call("app.register_blueprint(make(x), url_prefix=P)\n", &["register_blueprint(call, url_prefix=name)", "make(name)"])]
#[case::constant("BASE = \"/api\"\n", &["constant '/api'"])]
#[case::formatted("requests.get(f\"{BASE}/racks/{rack.id}\")\n", &["get('{}/racks/{}')"])]
#[case::dictionary_is_no_client("found = d.get(key)\nother = d.get(\"key\")\n", &[])]
#[case::library("lib = ctypes.CDLL(path)\n", &["CDLL(name) kept"])]
#[case::statement("def f(db):\n    db.run(\"INSERT INTO t (a) VALUES (?)\")\n", &["sql write t, write t.a"])]
#[case::statement_in_parts("x = \"SELECT a \" \"FROM t\"\n", &["sql select t.a, select t kept"])]
#[case::statement_added("x = \"SELECT a FROM t\" + where\n", &["sql select t.a, select t kept"])]
#[case::statement_formatted("q(f\"SELECT a FROM t WHERE b = {value}\")\n", &["sql select t.a, select t, select t.b"])]
#[case::prose("say(\"select a wheel from the rack\")\n", &[])]
#[case::comment("# INSERT INTO t (a) VALUES (1)\n", &[])]
fn python_says(#[case] text: &str, #[case] expected: &[&str]) {
    assert_eq!(signals(&facts(languages::PYTHON, text)), expected);
}

#[rstest]
#[case::fetch("fetch(`${BASE}/w/${w.id}`, { method: \"POST\", body });\n", &["fetch('{}/w/{}', {method='POST' body=name})"])]
#[case::client("const api = axios.create({ baseURL: \"/v1\" });\n", &["create({baseURL='/v1'}) kept"])]
#[case::wrapper("function get(path) { return request(\"GET\", path); }\n", &["request('GET', name)"])]
#[case::added("api.put(\"/w/\" + id + \"/turn\", body);\n", &["put('/w/{}/turn', name)"])]
#[case::map_is_no_client("const a = m.get(\"x\"); m.delete(key);\n", &[])]
#[case::constant("export const BASE = \"/api\";\n", &["constant '/api'"])]
#[case::comment_is_no_path("// fetch(\"/racks\")\n", &[])]
#[case::division_is_no_path("const a = b / c;\n", &[])]
fn typescript_says(#[case] text: &str, #[case] expected: &[&str]) {
    assert_eq!(signals(&facts(languages::TYPESCRIPT, text)), expected);
}

#[rstest]
#[case::foreign("unsafe extern \"C\" { fn open(n: u32) -> i32; #[link_name = \"shut\"] fn close(); static level: u8; }\n", &["import open as open", "import close as shut", "import level as level"])]
#[case::exported("#[unsafe(no_mangle)]\npub extern \"C\" fn days() {}\n#[export_name = \"weeks\"]\npub fn w() {}\n", &["export days as days", "export w as weeks"])]
#[case::plain("pub extern \"C\" fn days() {}\n", &[])]
#[case::raw_text("fn f(db: &Db) { db.run(r#\"DELETE FROM t WHERE a = 1\"#) }\n", &["sql delete t, select t.a"])]
#[case::in_a_macro("fn f() { query!(Row, \"SELECT a FROM t\", 1) }\n", &["sql select t.a, select t"])]
#[case::constant("const Q: &str = \"SELECT a FROM t\";\n", &["sql select t.a, select t kept"])]
fn rust_says(#[case] text: &str, #[case] expected: &[&str]) {
    assert_eq!(signals(&facts(languages::RUST, text)), expected);
}

#[test]
fn places_of_sql_names_are_those_in_the_source() {
    let text = "def f(db):\n    db.run(\n        \"UPDATE wheels \"\n        \"SET turned_at = ?\"\n    )\n";
    let facts = facts(languages::PYTHON, text);
    let SignalKind::Sql(names, _) = &facts.signals[0].kind else { panic!("a statement") };
    let found: Vec<&str> = names.iter().map(|n| n.span.of(text)).collect();
    assert_eq!(found, ["wheels", "turned_at"]);
}

#[test]
fn sql_files_define_tables_with_columns_and_documentation() {
    let text = "-- Every turn.\nCREATE TABLE turns (\n  id INTEGER,\n  wheel INTEGER REFERENCES wheels (id)\n);\nALTER TABLE turns ADD COLUMN at TEXT;\n";
    let facts = facts(languages::SQL, text);
    let kinds: Vec<(Kind, &str)> = facts.definitions.iter().map(|d| (d.kind, facts.name(d.name))).collect();
    assert_eq!(kinds, [(Kind::Table, "turns"), (Kind::Column, "id"), (Kind::Column, "wheel"), (Kind::Column, "at")]);
    assert_eq!(facts.definitions[0].doc.map(|d| d.of(text)), Some("-- Every turn."));
    assert_eq!(facts.container_path(compass_facts::DefId(2)), ["turns"]);
    assert_eq!(signals(&facts), ["sql select wheels, define turns"]);
}

#[test]
fn a_table_made_in_a_text_is_seen_by_no_name_of_the_program() {
    let text = "db.run(\"CREATE TABLE wheels (id INTEGER)\")\nprint(wheels)\n";
    let facts = facts(languages::PYTHON, text);
    assert!(facts.definitions.iter().any(|d| d.kind == Kind::Table && facts.name(d.name) == "wheels" && d.name_span.of(text) == "wheels"));
    let printed = facts.uses.iter().find(|u| facts.name(u.name) == "wheels").expect("a use");
    assert_eq!(printed.local, None);
}

#[rstest]
#[case::route("func f(r chi.Router) { r.Get(\"/racks/{id}\", h.Shown) }", &["Get('/racks/{id}', name)"])]
#[case::pattern("func f() { mux.HandleFunc(\"GET /racks\", func(w W, r R) {}) }", &["HandleFunc('GET /racks', function)"])]
#[case::group_and_what_is_done_with_it("func f() { v1 := e.Group(\"/v1\"); shelves(v1); other(e) }", &["Group('/v1') kept", "shelves(name)"])]
#[case::handed_on("func f() { r.Route(\"/v1\", func(r chi.Router) { shelves(r) }) }", &["Route('/v1', function)", "shelves(name)"])]
#[case::wrapped("func f() { mux.Handle(\"/x\", guarded(h)) }", &["Handle('/x', call)", "guarded(name)"])]
#[case::request("func f() { http.NewRequest(\"GET\", base+\"/racks\", nil) }", &["NewRequest('GET', '{}/racks', other)"])]
#[case::client("type T struct { asked gen.PlannerClient }\nfunc (t T) f() { t.asked.PlanNight(ctx, nil); t.other.PlanNight(ctx, nil) }", &["PlanNight(name, other)"])]
#[case::nothing("func f() { fmt.Println(\"racks\", x); m.Get(key) }", &[])]
fn go_says(#[case] text: &str, #[case] expected: &[&str]) {
    assert_eq!(signals(&facts(languages::GO, &format!("package larder\n{text}\n"))), expected);
}

#[rstest]
#[case::java(languages::JAVA, "@RequestMapping(value = {\"/a\", \"/b\"}, method = RequestMethod.POST)\nclass A {}\n", &["RequestMapping(value=['/a' '/b'], method=name) mark"])]
#[case::kotlin(languages::KOTLIN, "class A {\n    @GetMapping(\"/a\")\n    fun a() = 1\n}\n", &["GetMapping('/a') mark"])]
#[case::csharp(languages::CSHARP, "class A { [HttpGet(\"{id}\")] void B() {} [Obsolete(\"x\")] void C() {} }\n", &["HttpGet('{id}') mark"])]
#[case::php(languages::PHP, "<?php\nclass A { #[Route('/a', methods: ['GET'])] function b() {} }\n", &["Route('/a', methods=['GET']) mark"])]
#[case::typescript(languages::TYPESCRIPT, "class A { @Get(\":id\") one() {} @Injectable() two() {} }\n", &["Get(':id') mark"])]
#[case::page(languages::HTML, "<form method=\"post\" action=\"/a/{{ b }}/c\"></form><a href=\"#d\">d</a>\n", &["action('/a/{}/c', method='post')"])]
fn marks_and_pages_say(#[case] language: compass_facts::Language, #[case] text: &str, #[case] expected: &[&str]) {
    assert_eq!(signals(&facts(language, text)), expected);
}
