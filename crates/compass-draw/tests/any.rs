//! Whatever is drawn: nothing leaves the page, nothing lies over anything else, and what is written can be read.

use compass_draw::{Drawing, Row, Scene, Shape, lay_out, to_svg};
use proptest::prelude::*;

fn text() -> impl Strategy<Value = String> {
    prop_oneof![Just(String::new()), "[a-z]{1,12}", "[ -~]{0,140}", "\\PC{0,30}", "[\u{0}-\u{1f}<>&\"']{1,8}"]
}

fn row() -> impl Strategy<Value = Row> {
    let mark = prop_oneof![Just('='), Just('~'), Just('?')];
    prop_oneof![
        (text(), proptest::option::of(text())).prop_map(|(name, note)| Row::Band { name, note }),
        (text(), text(), text(), any::<bool>(), 0usize..5).prop_map(|(place, name, kind, end, indent)| Row::Symbol { place, name, kind, end, indent }),
        (text(), text(), mark.clone(), text(), 0usize..5).prop_map(|(place, code, mark, note, indent)| Row::Step { place, code, mark, note, indent }),
        (text(), mark).prop_map(|(label, mark)| Row::Crossing { label, mark }),
    ]
}

fn drawing() -> impl Strategy<Value = Drawing> {
    (text(), text(), proptest::collection::vec(row(), 0..14)).prop_map(|(title, subtitle, rows)| Drawing { title, subtitle, rows })
}

/// Lower left corners of texts, with the ones they hold.
fn texts(scene: &Scene) -> Vec<(f64, f64, &str)> {
    let of = |s| if let &Shape::Text { x, y, ref text, .. } = s { Some((x, y, text.as_str())) } else { None };
    scene.shapes.iter().filter_map(of).collect()
}

proptest! {
    #![proptest_config(ProptestConfig::with_cases(64))]

    #[test]
    fn everything_lies_on_the_page(drawing in drawing()) {
        let scene = lay_out(&drawing);
        prop_assert!(scene.width.is_finite() && scene.height.is_finite() && scene.width > 0.0 && scene.height > 0.0);
        for (x, y, text) in texts(&scene) {
            prop_assert!(x >= 0.0 && x <= scene.width && y >= 0.0 && y <= scene.height, "{text:?} at {x} {y} on {} by {}", scene.width, scene.height);
            prop_assert!(!text.chars().any(char::is_control), "{text:?}");
        }
        for shape in &scene.shapes {
            if let Shape::Line { x1, y1, x2, y2, .. } = shape {
                prop_assert!([*x1, *x2].iter().all(|x| (0.0..=scene.width).contains(x)) && [*y1, *y2].iter().all(|y| (0.0..=scene.height).contains(y)));
            }
        }
    }

    #[test]
    fn rows_come_from_top_to_bottom(drawing in drawing()) {
        let scene = lay_out(&drawing);
        let ys: Vec<f64> = texts(&scene).iter().map(|t| t.1).collect();
        prop_assert!(ys.windows(2).all(|w| w[0] <= w[1] + 0.01), "{ys:?}");
    }

    #[test]
    fn what_is_written_has_as_many_ends_as_beginnings(drawing in drawing()) {
        let svg = to_svg(&lay_out(&drawing));
        let count = |what: &str| svg.matches(what).count();
        prop_assert!(svg.starts_with("<svg ") && svg.trim_end().ends_with("</svg>"));
        prop_assert_eq!(count("<text "), count("</text>"));
        prop_assert_eq!((count("<svg"), count("</svg>"), count("<title>"), count("</title>")), (1, 1, 1, 1));
        // Every sign of the language stands where the language puts it.
        let inner: Vec<&str> = svg.split("</text>").filter_map(|p| p.rsplit_once('>').map(|t| t.1)).collect();
        prop_assert!(inner.iter().all(|t| !t.contains('<')));
    }
}
