//! Comments as people write them.

use super::*;
use proptest::prelude::*;
use rstest::rstest;

/// One line a block: its kind, and its pieces with code in backquotes and stress in stars.
fn told(comment: &str) -> Vec<String> {
    let piece = |p: &Piece| match (p.code, p.strong) {
        (true, _) => format!("`{}`", p.text),
        (false, true) => format!("*{}*", p.text),
        (false, false) => p.text.clone(),
    };
    let block = |b: &Block| {
        let text: String = match b.kind {
            BlockKind::Code => b.pieces.iter().map(|p| p.text.as_str()).collect::<Vec<_>>().join("¶"),
            _ => b.pieces.iter().map(piece).collect(),
        };
        let kind = match &b.kind {
            BlockKind::Text => String::new(),
            BlockKind::Heading => "# ".to_owned(),
            BlockKind::Item(sign) => format!("{sign} "),
            BlockKind::Code => "code ".to_owned(),
            BlockKind::Field(what, name) => format!("[{what} {name}] ").replace(" ]", "]"),
        };
        format!("{}{kind}{text}", "  ".repeat(b.depth))
    };
    read(Language::TEXT, comment).iter().map(block).collect()
}

#[rstest]
#[case::rust(
    "/// Turns a **wheel** by `by`.\n///\n/// # Errors\n/// When the rack is full:\n///\n/// - no slot\n/// - no *rack*\n///\n/// ```\n/// turn(1);\n///   deep();\n/// ```",
    &["Turns a *wheel* by `by`.", "# Errors", "When the rack is full:", "· no slot", "· no *rack*", "code turn(1);¶  deep();"]
)]
#[case::hashes("# Turns the rack.\n# Twice.", &["Turns the rack. Twice."])]
#[case::go("// Turn turns.\n//\n//\tt := Turn(1)\n//\tt.Wash()\n//\n// It never fails.", &["Turn turns.", "code t := Turn(1)¶t.Wash()", "It never fails."])]
#[case::javadoc(
    "/**\n * Turns a {@code wheel}, see {@link Rack#turn(int)} or {@link #wash how it is washed}.\n * <p>Twice a <b>day</b>.\n * <ul>\n *   <li>first</li>\n *   <li>second</li>\n * </ul>\n * @param wheelId which one,\n *        by number\n * @param <T> what it holds\n * @return the slot, or <code>null</code>\n * @throws FullException when there is none\n */",
    &["Turns a `wheel`, see `Rack.turn(int)` or `how it is washed`.", "Twice a *day*.", "· first", "· second", "[parameter wheelId] which one, by number", "[parameter T] what it holds", "[returns] the slot, or `null`", "[throws FullException] when there is none"]
)]
#[case::jsdoc("/**\n * Turns.\n * @param {number} [wheel] - which\n * @returns {Promise<void>} when it is done\n */", &["Turns.", "[parameter wheel] which", "[returns] when it is done"])]
#[case::doxygen("/** \\brief Turns.\n *\n * \\param[in] wheel which \\a one\n * \\return 0\n */", &["Turns.", "[parameter wheel] which `one`", "[returns] 0"])]
#[case::kernel("/**\n * rack_turn - turn a wheel\n * @rack: where it lies\n * @by: how far,\n *      in steps\n * Context: may sleep\n *\n * Takes the lock.\n *\n * Return: 0 or a negative error.\n */", &["rack_turn - turn a wheel", "[parameter rack] where it lies", "[parameter by] how far, in steps", "[context] may sleep", "Takes the lock.", "[returns] 0 or a negative error."])]
#[case::rest(
    "Turns a wheel.\n\n    Uses :class:`Rack` and ``None``::\n\n        turn(1)\n        turn(2)\n\n    After it.\n\n    :param int wheel: which one\n    :returns: the slot\n    :raises Full: when full\n    ",
    &["Turns a wheel.", "Uses `Rack` and `None`:", "code turn(1)¶turn(2)", "After it.", "[parameter wheel] which one", "[returns] the slot", "[throws Full] when full"]
)]
#[case::google(
    "Turns a wheel.\n\n    Args:\n        wheel (int): which one\n        rack: where,\n            in the cave\n\n    Returns:\n        Slot: the next one\n\n    Raises:\n        Full: when full\n    ",
    &["Turns a wheel.", "[parameter wheel] which one", "[parameter rack] where, in the cave", "[returns] the next one", "[throws Full] when full"]
)]
#[case::numpy(
    "Turns a wheel.\n\n    Parameters\n    ----------\n    wheel : int\n        which one\n    rack : Rack, optional\n        where\n\n    Returns\n    -------\n    Slot\n        the next one\n\n    Notes\n    -----\n    Slow.\n    ",
    &["Turns a wheel.", "[parameter wheel] which one", "[parameter rack] where", "[returns] Slot the next one", "# Notes", "Slow."]
)]
#[case::prompts("Turns.\n\n    >>> turn(1)\n    2\n\n    Done.", &["Turns.", "code >>> turn(1)", "2", "Done."])]
#[case::numbers("/// 1. one\n/// 2. two\n///    - inner", &["1. one", "2. two", "  · inner"])]
#[case::a_table("/// | a | b |\n/// |---|---|\n/// | 1 | 2 |", &["a │ b │ ", "1 │ 2 │ "])]
#[case::plain_c("/* Turns the wheel; the caller holds the lock. */", &["Turns the wheel; the caller holds the lock."])]
#[case::an_address_is_no_tag("/// Write to larder@example.org: soon.", &["Write to larder@example.org: soon."])]
#[case::tags_in_code_stay("/// ```\n/// @param x\n/// ```", &["code @param x"])]
#[case::nothing("/** */", &[])]
fn comments_are_read(#[case] comment: &str, #[case] wanted: &[&str]) {
    assert_eq!(told(comment), wanted);
}

#[rstest]
#[case::rust("/// Turns.\n/// Twice.", "Turns.\nTwice.")]
#[case::block("/**\n * Turns.\n *\n *   deeper\n */", "Turns.\n\n  deeper")]
#[case::c("/* Turns. */", "Turns.")]
#[case::block_without_stars("/*\n   Turns.\n     deeper\n*/", "Turns.\n  deeper")]
#[case::docstring("Turns.\n\n    Twice.\n      deeper\n    ", "Turns.\n\nTwice.\n  deeper")]
#[case::sql("-- Turns.\n-- Twice.", "Turns.\nTwice.")]
#[case::a_list_in_a_docstring("* one\n* two", "* one\n* two")]
fn signs_and_common_indentation_are_taken_away(#[case] comment: &str, #[case] wanted: &str) {
    assert_eq!(clean(comment), wanted);
}

proptest! {
    /// Whatever stands in a comment: it is read, and no word of plain text is lost.
    #[test]
    fn any_comment_can_be_read(text in "[ -~\n\t]{0,200}") {
        read(Language::TEXT, &text);
        clean(&text);
    }

    #[test]
    fn plain_words_stay(words in proptest::collection::vec("[a-z]{3,8}", 1..20)) {
        let comment = format!("/// {}", words.join(" "));
        let all: String = read(Language::TEXT, &comment).iter().flat_map(|b| &b.pieces).map(|p| p.text.as_str()).collect();
        prop_assert_eq!(all, words.join(" "));
    }
}
