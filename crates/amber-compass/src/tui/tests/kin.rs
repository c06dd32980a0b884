//! The grid of types and members.

use super::*;
use compass_trace::bearings::SymbolFacts;
use compass_trace::kin::{Almost, Cell, Kin, KinType};

pub(super) fn kin(members: usize, types: usize) -> Kin {
    let at = |path: &str, line| Box::new(answer(path, line, "larder"));
    let named = |name: &str, path: &str, line| {
        let mut out = answer(path, line, "larder");
        out.name = Some(name.to_owned());
        out
    };
    let row = |n: usize| KinType {
        level: n as i32 - 1,
        at: named(&format!("Store{n}"), &format!("store{n}.go"), n as u32 + 3),
        cells: (0..members)
            .map(|m| match (n + m) % 3 {
                0 => Cell::Lacking,
                1 => Cell::Own(at(&format!("store{n}.go"), 20 + m as u32)),
                _ => Cell::Inherited("Base".to_owned(), at("base.go", 9)),
            })
            .collect(),
    };
    Kin {
        of: SymbolFacts {
            name: "TurnStore".to_owned(),
            kind: "interface".to_owned(),
            signature: String::new(),
            documentation: String::new(),
            blocks: Vec::new(),
            documented_in: None,
            path: "turns.go".to_owned(),
            line: 9,
            unit: "larder".to_owned(),
            own: true,
            declared: false,
        },
        members: (0..members).map(|m| (format!("Member{m}"), answer("turns.go", 10 + m as u32, "larder"))).collect(),
        types: (0..types).map(row).collect(),
        almost: vec![Almost { at: named("dryRun", "dry.go", 4), lacks: vec!["Last".to_owned()] }],
        cut: false,
    }
}

pub(super) fn shown(size: (u16, u16), of: Kin) -> State {
    let mut state = desk(size);
    assert!(matches!(&press(&mut state, KeyCode::Char('k'))[..], [Effect::Start(_, Job::Kin(s))] if *s == spot("a.py", 40)));
    assert!(drawn(&state).contains("looking for kin"));
    done(&mut state, Lane::Kin, Outcome::Kin(Ok(Some(Box::new(of)))));
    state
}

#[rstest]
#[case::wide((160, 45))]
#[case::middle((100, 30))]
#[case::small((80, 24))]
fn types_are_rows_and_members_columns(#[case] size: (u16, u16)) {
    let mut state = shown(size, kin(2, 4));
    let text = drawn(&state);
    assert!(text.contains("TurnStore  interface · turns.go:9   2 members · 1 above · 2 below"), "{text}");
    assert!(text.contains("Member0") && text.contains("as Base") && text.contains(":20") && text.contains("almost: dryRun lacks Last"), "{text}");
    assert_eq!((state.kin.row, state.kin.column), (1, 0), "the type itself");
    press(&mut state, KeyCode::Right);
    press(&mut state, KeyCode::Down);
    assert_eq!(state.kin.current().map(|a| (a.path.as_str(), a.line)), Some(("base.go", 9)), "where it is taken over from");
    press(&mut state, KeyCode::Down);
    assert_eq!(state.kin.current().map(|a| (a.path.as_str(), a.line)), Some(("store3.go", 6)), "what is lacking leads to the type");
    press(&mut state, KeyCode::Down);
    assert_eq!(state.kin.current().map(|a| a.path.as_str()), Some("dry.go"));
    press(&mut state, KeyCode::Down);
    assert_eq!(state.kin.row, 4, "there is no row below");
    let effects = press(&mut state, KeyCode::Enter);
    assert!(effects.iter().any(|e| matches!(e, Effect::Start(_, Job::Page(s)) if s.path == "dry.go")), "{effects:?}");
}

#[test]
fn the_selected_member_is_among_those_that_are_shown() {
    let mut state = shown((100, 30), kin(40, 3));
    for _ in 0..40 {
        press(&mut state, KeyCode::Right);
    }
    let text = drawn(&state);
    assert!(text.contains("Member39") && !text.contains("Member0 "), "{text}");
}

#[test]
fn what_has_no_kin_says_so() {
    let mut state = desk((100, 30));
    press(&mut state, KeyCode::Char('k'));
    done(&mut state, Lane::Kin, Outcome::Kin(Ok(None)));
    assert!(drawn(&state).contains("no type and no member of one"));
    press(&mut state, KeyCode::Esc);
    assert_eq!(state.screen, Screen::Desk);
    let mut state = shown((100, 30), Kin { members: Vec::new(), almost: Vec::new(), ..kin(0, 1) });
    press(&mut state, KeyCode::Right);
    assert!(drawn(&state).contains("0 members"));
}
