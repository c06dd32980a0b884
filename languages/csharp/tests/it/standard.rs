//! The declared library, projects, documentation: what comes with the room.

use rstest::rstest;
use testkit::{Project, ask, engine, places};

const PROGRAM: &str = "using System;\nusing System.Linq;\nusing System.Collections.Generic;\nclass A\n{\n    int Go(List<string> all)\n    {\n        Console.WriteLine(all.Count);\n        return all.Select(s => s.Length).Sum();\n    }\n}\n";

/// A place, and what is written where it leads.
#[rstest]
#[case::type_by_import("A.cs:6:12", "public class List<T>")]
#[case::static_member("A.cs:8:17", "public static void WriteLine(")]
#[case::property("A.cs:8:31", "public int Count { get; }")]
#[case::extension_method("A.cs:9:20", "Select<TSource, TResult>(this IEnumerable<TSource> source, Func<TSource, TResult> selector)")]
#[case::behind_a_lambda("A.cs:9:34", "public int Length { get; }")]
fn its_names_lead_to_their_declarations(#[case] place: &str, #[case] text: &str) {
    let project = Project::with(&[("A.cs", PROGRAM)]);
    let answers = ask(&engine(&project), &format!("where is {place}"));
    let first = answers.answers.first().unwrap_or_else(|| panic!("{place}: {:?}", answers.missing));
    assert!(first.text.as_deref().is_some_and(|t| t.contains(text)), "{:?}", first.text);
    assert_eq!((first.unit.as_deref(), first.remark.as_deref()), (Some("csharp-std"), Some("declared, source not on this machine")));
}

#[test]
fn projects_are_units_and_see_one_another() {
    let project = Project::with(&[
        ("core/Core.csproj", "<Project><PropertyGroup><Version>2.0</Version></PropertyGroup></Project>"),
        ("core/Rack.cs", "namespace Core { public class Rack { public void Take() { } } }\n"),
        ("kiosk/Kiosk.csproj", "<Project><ItemGroup><ProjectReference Include=\"..\\core\\Core.csproj\" /></ItemGroup></Project>"),
        ("kiosk/Use.cs", "using Core;\nclass Use { void A(Rack r) { r.Take(); } }\n"),
        ("kiosk/Everywhere.cs", "global using System;\n"),
    ]);
    let engine = engine(&project);
    let units: Vec<(String, String)> =
        engine.index().units().iter().filter(|u| u.own).map(|u| (u.name.clone(), u.ecosystem.clone())).filter(|u| u.1 == "nuget").collect();
    assert_eq!(units, [("Core".to_owned(), "nuget".to_owned()), ("Kiosk".to_owned(), "nuget".to_owned())]);
    assert_eq!(places(&ask(&engine, "who calls Take")), ["kiosk/Use.cs:2"]);
    assert_eq!(places(&ask(&engine, "where is Rack lang csharp")), ["core/Rack.cs:1"]);
}

#[test]
fn comments_and_attributes_are_told() {
    let project = Project::with(&[(
        "A.cs",
        "using System;\nclass MarkAttribute : Attribute { }\n/// <summary>Turns the <c>wheel</c>.</summary>\n[Mark]\nclass Wheel { }\nclass WheelTest { [Test] public void Turns() { } }\n",
    )]);
    let engine = engine(&project);
    let symbol = ask(&engine, "where is Wheel").answers[0].symbol.expect("a symbol");
    let told = engine.facts_of(symbol).expect("looked up").expect("there");
    let words: String = told.blocks.iter().flat_map(|b| b.pieces.iter().map(|p| p.text.as_str())).collect();
    assert_eq!(words, "Turns the wheel.");
    assert_eq!(places(&ask(&engine, "who uses MarkAttribute")), ["A.cs:4"]);
}

/// Parts of one type are one: who asks at one of them hears of all. A type of that name elsewhere is another.
#[test]
fn parts_of_a_type_are_one() {
    let project = Project::with(&[
        ("A.cs", "namespace Larder { public partial class Rack { public int A; } }\n"),
        ("B.cs", "namespace Larder { public partial class Rack { public int B; } }\n"),
        ("C.cs", "namespace Other { public class Rack { } public class Rack<T> { } }\n"),
        ("Use.cs", "using Larder;\nclass Use { Rack a; int F(Rack r) { return r.A + r.B; } }\n"),
    ]);
    let engine = engine(&project);
    let both = ["Use.cs:2", "Use.cs:2"];
    assert_eq!(places(&ask(&engine, "who uses A.cs:1:42")), both);
    assert_eq!(places(&ask(&engine, "who uses B.cs:1:42")), both);
    assert_eq!(places(&ask(&engine, "who uses C.cs:1:32")), Vec::<String>::new());
}

#[test]
fn programs_begin_with_main() {
    let project = Project::with(&[("A.cs", "class A\n{\n    static void Main(string[] args) { }\n    void main() { }\n}\n")]);
    assert_eq!(places(&ask(&engine(&project), "entry points")), ["A.cs:3"]);
}
