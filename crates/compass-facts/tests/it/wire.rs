//! Facts as bytes.

use compass_facts::wire::*;
use compass_facts::*;
use rstest::rstest;

fn facts_of(language: Language, text: &str) -> Facts {
    read(language, &Source::decode(text.as_bytes().to_vec()).expect("text"), &Cancel::new()).expect("not cancelled")
}

#[rstest]
#[case::c(languages::C, "#ifdef A\nint f(int a) { struct s x = { .y = a }; goto out; out: return g(x.y); }\n#endif\n#define M(x) (x)->z\n")]
#[case::cpp(languages::CPP, "namespace a { template <class T> class B : public C { int d(T t) { return e(t, 1); } }; } using a::B;\n")]
#[case::python(languages::PYTHON, "import os as system\nclass A(B):\n    def f(self, x=1):\n        return self.g(x)\n")]
#[case::rust(languages::RUST, "use a::b; impl A { fn f(&self) -> u8 { self.g(b) } }\n")]
#[case::script(languages::TYPESCRIPT, "import { a as b } from './c'; export class D { e = b(1); }\n")]
#[case::empty(languages::C, "")]
fn facts_come_back_as_they_were(#[case] language: Language, #[case] text: &str) {
    let facts = facts_of(language, text);
    assert_eq!(decode(&encode(&facts).expect("encoded")).expect("decoded"), facts);
}

#[rstest]
#[case::c(languages::C, "struct a { int b; };\nint f(struct a *x) { return x->b + g(x); }\nint h = 1;\nint *k = &h;\n")]
#[case::cpp(languages::CPP, "namespace a { template <class T> class B : public C { int d(T t) { return e(t, 1); } }; } using a::B;\n")]
#[case::python(languages::PYTHON, "import os as system\nclass A(B):\n    def f(self, x=1):\n        return self.g(x)\n")]
fn picked_uses_are_those_of_the_facts(#[case] language: Language, #[case] text: &str) {
    let facts = facts_of(language, text);
    let bytes = encode(&facts).expect("encoded");
    let all: Vec<UseId> = (0..facts.uses.len() as u32).map(UseId).collect();
    for wanted in [&all[..], &all[1..2], &all[all.len() - 1..], &[]] {
        let picked = pick_uses(&bytes, wanted).expect("whole").expect("nothing extends here");
        let path = |d: DefId| facts.container_path(d).into_iter().chain([facts.def_name(d)]).map(str::to_owned).collect::<Vec<_>>();
        let told = wanted.iter().map(|id| facts.usage(*id)).map(|u| PickedUse {
            name: facts.name(u.name).to_owned(),
            span: u.span,
            role: u.role,
            enclosing: u.enclosing.map(|d| (d, path(d))),
        });
        assert_eq!(picked, told.collect::<Vec<_>>());
    }
    assert!(pick_uses(&bytes, &[UseId(facts.uses.len() as u32)]).is_err(), "a use that is not there");
}

#[test]
fn names_of_what_extends_are_left_to_the_whole_facts() {
    let facts = facts_of(languages::RUST, "impl A { fn f(&self) -> u8 { self.g() } }\n");
    assert_eq!(pick_uses(&encode(&facts).expect("encoded"), &[UseId(0)]).expect("whole"), None);
}

#[test]
fn roles_fit_into_the_bits_they_have() {
    assert!(Role::ALL.iter().all(|r| r.number() < 8 && Role::from_number(r.number()) == Some(*r)));
    assert!(Kind::ALL.iter().all(|k| Kind::from_number(k.number()) == Some(*k)));
}

proptest::proptest! {
    #[test]
    fn damaged_bytes_are_an_error_or_other_facts(cut in 0usize..400, flip in 0usize..400, bit in 0u8..8) {
        let mut bytes = encode(&facts_of(languages::C, "struct a { int b; };\nint f(struct a *x) { return x->b + g(x); }\n")).expect("encoded");
        if let Some(byte) = bytes.get_mut(flip) {
            *byte ^= 1 << bit;
        }
        bytes.truncate(bytes.len().saturating_sub(cut % 50));
        let _ = decode(&bytes);
        let _ = pick_uses(&bytes, &[UseId(1)]);
    }
}
