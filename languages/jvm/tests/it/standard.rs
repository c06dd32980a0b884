//! The declared standard library: what its types give, which overloads its values choose, and what leads to it.

use rstest::rstest;
use testkit::marked::{check, compiles};
use testkit::{Project, ask, engine};

#[rstest]
#[case::results_choose_overloads(&[(
    "larder/Label.java",
    r#"package larder;

class Label {
    void ⟦text:print⟧(String line) {}
    void ⟦number:print⟧(int number) {}
    void ⟦long:print⟧(long number) {}
    void ⟦object:print⟧(Object any) {}
    void all(Long grams, java.util.Calendar day, char sign, String[] names) {
        «text=print»(String.valueOf(sign));
        «number=print»(names[0].length());
        «long=print»(grams.longValue());
        «number=print»(day.get(java.util.Calendar.MONTH) + 1);
        «object=print»(day.getTime());
        «text=print»(String.format("%d", grams).trim().toUpperCase());
    }
}
"#,
)])]
#[case::what_containers_and_streams_hold(&[(
    "larder/Racks.java",
    r#"package larder;

import java.util.*;
import java.util.stream.Collectors;

class Racks {
    static class Wheel {
        Rack ⟦rack:rack⟧() { return null; }
        int ⟦grams:grams⟧() { return 1; }
    }
    static class Rack {
        void ⟦close:close⟧() {}
    }
    final Map<String, List<Wheel>> byName = new HashMap<>();
    void all(Deque<Wheel> line, Iterable<Rack> racks) {
        byName.get("a").get(0).«grams=grams»();
        for (Map.Entry<String, List<Wheel>> e : byName.entrySet()) e.getValue().get(0).«rack=rack»();
        line.pollFirst().«rack=rack»().«close=close»();
        Optional.of(new Wheel()).get().«grams=grams»();
        racks.iterator().next().«close=close»();
        line.stream().filter(w -> w.«grams=grams»() > 2).findFirst().get().«grams=grams»();
    }
}
"#,
)])]
#[case::the_most_specific_is_chosen(&[(
    "larder/Joined.java",
    r#"package larder;

import java.util.*;

class Joined {
    static void ⟦any:join⟧(Object all) {}
    static void ⟦many:join⟧(Iterable<?> all) {}
    static void ⟦some:join⟧(Collection<?> all) {}
    static void ⟦text:join⟧(CharSequence text) {}
    static void all(ArrayList<String> names, Iterable<String> more, StringBuilder line) {
        «some~join»(names);
        «many=join»(more);
        «text~join»(line);
        «any=join»(new Date());
    }
}
"#,
)])]
#[case::own_types_of_their_names_come_first(&[
    ("larder/Optional.java", "package larder;\nclass Optional {\n    int ⟦get:get⟧() { return 1; }\n}\n"),
    ("larder/Main.java", "package larder;\nclass Main {\n    int go(Optional o) { return o.«get=get»(); }\n}\n"),
])]
fn values_of_the_library_lead_on(#[case] files: &[(&str, &str)]) {
    check(files);
    compiles(files, &["javac", "-d", "out"], &[".java"]);
}

/// A place, and what is written where it leads.
#[rstest]
#[case::of_a_type("Main.java:4:9", "public interface List<E>")]
#[case::of_a_member("Main.java:5:13", "E get(int number);")]
#[case::of_every_object("Main.java:6:14", "int hashCode()")]
#[case::without_an_import("Main.java:3:12", "public final class String")]
fn its_names_lead_to_their_declarations(#[case] place: &str, #[case] text: &str) {
    let project = Project::with(&[(
        "Main.java",
        "import java.util.List;\nclass Main {\n    int go(String name) {\n        List<String> all = null;\n        all.get(0);\n        this.hashCode();\n        return 1;\n    }\n}\n",
    )]);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let first = answers.answers.first().unwrap_or_else(|| panic!("{place}: {:?}", answers.missing));
    assert!(first.text.as_deref().is_some_and(|t| t.contains(text)), "{:?}", first.text);
    assert_eq!(first.remark.as_deref(), Some("declared, source not on this machine"));
    assert_eq!(first.unit.as_deref(), Some("java-std"));
    assert_eq!(first.certainty_word(), Some("proven"));
}

#[test]
fn nothing_of_it_is_missing_or_counted_as_own() {
    let project =
        Project::with(&[("A.java", "import java.util.*;\nclass A {\n    List<String> all = new ArrayList<>();\n    int n() { return all.size(); }\n}\n")]);
    let index = testkit::indexed_as(&project, Default::default());
    let summary = index.summary();
    assert_eq!(summary.units.own, 1);
    assert_eq!(summary.own.unlinked.values().sum::<u64>(), 0, "{:?}", summary.own.unlinked);
}
