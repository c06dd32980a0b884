//! Pages and sheets, construct by construct.

use rstest::rstest;
use testkit::{Project, ask, definitions, engine, facts, places, uses};

#[rstest]
#[case::ids("<a name=b></a><p id='c'><p id=\"{{ d }}\">", &["label b", "label c"])]
#[case::fields("<form id=f><input name=g><input name=g><select name=h></select></form>", &["label f", "field g", "field h"])]
#[case::comments("<!-- <p id=a> -->{# {% block b %} #}{{/* {{define \"c\"}} */}}<p id=d>", &["label d"])]
#[case::style("<style>.a { --b: 1 }</style><script>var x = '<p id=c>'</script>", &["class a", "var --b"])]
#[case::blocks("{% block a %}{% set b = 1 %}{% endblock %}{%- macro c(d) -%}{% endmacro %}", &["fn a", "var a.b", "fn c", "param c.d"])]
#[case::nested("{{define \"a\"}}{{if .X}}{{end}}{{$b := 1}}{{end}}{{define \"c\"}}{{end}}", &["fn a", "var a.$b", "fn c"])]
fn definitions_of_a_page(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(definitions(&facts(languages::HTML, text)), wanted);
}

#[rstest]
#[case::selectors(".a.b > #c, d:not(.e) { f: g }", &["class a", "class b", "class e"])]
#[case::once(".a { } .a .b { }", &["class a", "class b"])]
#[case::numbers("a { margin: .5em; color: #fff; b: url(x.d) }", &[""; 0])]
#[case::nested(".a { &-b { &:hover { } .c { } } }", &["class a", "class a-b", "class c"])]
#[case::rules("@media (x) { .a { } } @keyframes b { from { } } @layer c { .d { } }", &["class a", "label b", "class d"])]
#[case::variables("$a: 1; @b: 2; :root { --c: 3; --c: 4 } @function d($e) { @return $e }", &["var a", "var b", "var --c", "fn d"])]
#[case::texts("a::after { content: \".b { }\"; /* .c { } */ } .d { }", &["class d"])]
#[case::never_closed(".a { b: c; .d { /* ", &["class a", "class d"])]
fn definitions_of_a_sheet(#[case] text: &str, #[case] wanted: &[&str]) {
    assert_eq!(definitions(&facts(languages::CSS, text)), wanted);
}

#[rstest]
#[case::classes("<p class=\"a {{ b }} c-{{ d }} {% if e %}f{% endif %} g\">", &["type a", "type g", "read b", "read d", "read e", "type f"])]
#[case::references("<p for=a aria-labelledby='b c' data-target=\"#d\" href=#e>", &["ref a", "ref b", "ref c", "ref d", "ref e"])]
#[case::expressions("{{ a.b|c(d=e) }}{{ f(g) if h else 'i' }}{% if j is k %}{% endif %}", &["read a", "read e", "call f", "read g", "read h", "read j"])]
fn uses_of_a_page(#[case] text: &str, #[case] wanted: &[&str]) {
    let mut all = uses(&facts(languages::HTML, text));
    let mut wanted = wanted.to_vec();
    all.sort_unstable();
    wanted.sort_unstable();
    assert_eq!(all, wanted);
}

#[test]
fn pages_import_what_they_bring_in() {
    let project = Project::with(&[
        ("static/board.css", ".rack { }\n"),
        ("static/board.js", "export function turn() {}\n"),
        ("templates/base.html", "<link href=\"/static/board.css\"><script src=\"{{ url_for('static', filename='board.js') }}\"></script>\n"),
        ("templates/rack.html", "{% extends 'base.html' %}\n{% include \"parts/wheel.html\" %}\n<p class=\"rack\" onclick=\"turn()\">\n"),
        ("templates/parts/wheel.html", "<b>wheel</b>\n"),
        ("views/show.html.erb", "<%= render \"row\", x: 1 %>\n"),
        ("views/_row.html.erb", "<b></b>\n"),
        ("hb/page.hbs", "{{#each racks}}{{> parts/cell}}{{/each}}\n"),
        ("hb/parts/cell.hbs", "<td>{{name}}</td>\n"),
    ]);
    let asked = engine(&project);
    for (file, wanted) in [
        ("static/board.css", "templates/base.html:1"),
        ("static/board.js", "templates/base.html:1"),
        ("templates/base.html", "templates/rack.html:1"),
        ("templates/parts/wheel.html", "templates/rack.html:2"),
        ("views/_row.html.erb", "views/show.html.erb:1"),
        ("hb/parts/cell.hbs", "hb/page.hbs:1"),
    ] {
        assert_eq!(places(&ask(&asked, &format!("who imports {file}"))), [wanted], "{file}");
    }
    assert_eq!(places(&ask(&asked, "who uses rack lang html")), ["templates/rack.html:3"]);
    assert!(!ask(&asked, "who calls turn").complete, "what a page calls is no call that is known");
}
