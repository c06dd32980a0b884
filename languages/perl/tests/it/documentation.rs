//! POD as blocks.

use compass_trace::documentation::{BlockKind, read};

#[test]
fn pod_becomes_blocks() {
    let pod = "=head2 turn(RACK, [BY])\n\nTurns the B<whole> C<RACK>:\n\n    turn($rack);\n\n=over 4\n\n=item * first\n\n=item C<wash>\n\nWashes it.\n\n=back\n\n=cut\n";
    let blocks = read(languages::PERL, pod);
    let told: Vec<(&str, String)> = blocks
        .iter()
        .map(|b| {
            let kind = match &b.kind {
                BlockKind::Heading => "heading",
                BlockKind::Code => "code",
                BlockKind::Item(_) => "item",
                _ => "text",
            };
            (kind, b.pieces.iter().map(|p| p.text.as_str()).collect())
        })
        .collect();
    let wanted = [
        ("heading", "turn(RACK, [BY])"),
        ("text", "Turns the whole RACK:"),
        ("code", "turn($rack);"),
        ("item", "first"),
        ("item", "wash"),
        ("text", "Washes it."),
    ];
    assert_eq!(told, wanted.map(|(kind, text)| (kind, text.to_owned())));
    assert!(blocks[1].pieces.iter().any(|p| p.strong && p.text == "whole"));
}

#[test]
fn a_comment_of_another_language_is_no_pod() {
    assert_eq!(read(languages::C, "=head2 turn").len(), 1);
    assert_eq!(read(languages::C, "=head2 turn")[0].kind, BlockKind::Text);
}
