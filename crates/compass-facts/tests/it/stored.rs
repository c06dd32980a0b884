//! Enums and languages come back as they were stored.

use compass_facts::{Kind, Language, Role, stored_by_number};
use rstest::rstest;

#[derive(Debug, Clone, Copy, PartialEq)]
enum Before {
    Left,
    Right,
    Above,
}
stored_by_number!(Before { Left = 0, Right = 1, Above = 2 });

/// The same, its variants in another order and one more among them.
#[derive(Debug, Clone, Copy, PartialEq)]
enum After {
    Above,
    Below,
    Right,
    Left,
}
stored_by_number!(After { Above = 2, Below = 3, Right = 1, Left = 0 });

#[rstest]
#[case(Before::Left, After::Left)]
#[case(Before::Right, After::Right)]
#[case(Before::Above, After::Above)]
fn a_reordered_enum_reads_what_was_stored(#[case] before: Before, #[case] after: After) {
    let bytes = postcard::to_stdvec(&before).expect("bytes");
    assert_eq!(postcard::from_bytes::<After>(&bytes).expect("read"), after);
}

#[rstest]
fn an_unknown_number_is_no_value() {
    let bytes = postcard::to_stdvec(&After::Below).expect("bytes");
    assert!(postcard::from_bytes::<Before>(&bytes).is_err());
}

#[rstest]
fn every_kind_role_and_language_comes_back() {
    for kind in Kind::ALL {
        assert_eq!(postcard::from_bytes::<Kind>(&postcard::to_stdvec(&kind).expect("bytes")).expect("read"), kind);
    }
    for role in Role::ALL {
        assert_eq!(postcard::from_bytes::<Role>(&postcard::to_stdvec(&role).expect("bytes")).expect("read"), role);
    }
    languages::register();
    for language in Language::all() {
        assert_eq!(postcard::from_bytes::<Language>(&postcard::to_stdvec(language).expect("bytes")).expect("read"), *language);
    }
}
