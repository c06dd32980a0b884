//! Pages, templates and style sheets: little ones with marks.

use rstest::rstest;
use testkit::marked::check;

#[rstest]
#[case::a_page_and_its_sheet(&[
    ("board.css", ":root { ⟦--gap:--gap⟧: 2px; }\n.⟦rack:rack⟧ > .⟦wheel:wheel⟧:hover { margin: var(«--gap=--gap»); }\n.«rack=rack» #«list~list» { animation: «spin=spin» 2s; }\n@keyframes ⟦spin:spin⟧ { from { opacity: 0 } to { opacity: 1 } }\n"),
    ("board.html", "<!doctype html>\n<link rel=\"stylesheet\" href=\"board.css\">\n<style>.⟦own:own⟧ { gap: var(«--gap=--gap») }</style>\n<div id=\"⟦list:list⟧\" class=\"«rack=rack» «own=own» unknown\">\n  <label for=\"«turns=turns»\">Turns</label><input id=\"⟦turns:turns⟧\" name=\"⟦by:by⟧\">\n  <a href=\"#«list=list»\">up</a>\n</div>\n"),
])]
#[case::templates_with_blocks(&[
    ("templates/base.html", "<main>{% block ⟦body:body⟧ %}none{% endblock %}</main>\n"),
    ("templates/forms.html", "{% macro ⟦field:field⟧(⟦name:name⟧, kind='text') %}<input name=\"{{ «name=name» }}\" type=\"{{ kind }}\">{% endmacro %}\n"),
    ("templates/rack.html", "{% extends \"base.html\" %}\n{% import \"forms.html\" as forms %}\n{% from \"forms.html\" import field as f %}\n{% block body %}{{ «body=super»() }}{% for ⟦wheel:wheel⟧ in wheels %}{{ «wheel=wheel».name|upper }}{{ forms.«field=field»(\"a\") }}{{ «field=f»(«wheel=wheel») }}{% endfor %}{% endblock %}\n"),
])]
#[case::templates_by_name(&[
    ("views/head.tmpl", "{{define \"⟦head:head⟧\"}}<h1>{{range $⟦i:i⟧, $⟦w:w⟧ := .Wheels}}{{if $w}}x{{end}}{{end}}</h1>{{end}}\n"),
    ("views/page.tmpl", "{{template \"«head~head»\" .}}\n"),
])]
#[case::sheets_of_a_preprocessor(&[
    ("_vars.scss", "$⟦amber:amber⟧: #fa0;\n@mixin ⟦wide:wide⟧($x) { width: $x; }\n"),
    ("rack.scss", "@use \"vars\" as v;\n.⟦rack:rack⟧ {\n  color: v.$«amber=amber»;\n  @include v.«wide=wide»(2px);\n  ⟦due:&--due⟧ { @extend .«rack=rack»; }\n}\n"),
    ("rack.html", "<p class=\"«due~rack--due»\"></p>\n"),
])]
fn names_of_markup(#[case] files: &[(&str, &str)]) {
    check(files);
}
