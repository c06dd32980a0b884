//! Macros that a compiler defines before the first line of a file is read.

use compass_facts::Language;
use compass_unfold::Options;

/// The definitions as a command line would give them: those of the compiler that is there, else of the usual platform.
pub(crate) fn predefined(options: &Options, language: Language) -> Vec<String> {
    let usual = crate::predefined::usual(language == crate::CPP);
    let own = options.compilers.iter().find(|c| c.0 == language).map(|c| c.1.as_str()).filter(|t| !t.is_empty());
    own.unwrap_or(usual).lines().filter_map(given).collect()
}

/// `#define NAME(X) VALUE` as `NAME(X)=VALUE`.
fn given(line: &str) -> Option<String> {
    let rest = line.strip_prefix("#define ")?;
    let end = match rest.find([' ', '(']) {
        Some(at) if rest[at..].starts_with('(') => at + rest[at..].find(')')? + 1,
        Some(at) => at,
        None => rest.len(),
    };
    Some(format!("{}={}", &rest[..end], rest[end..].trim_start()))
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::value("#define __x86_64__ 1", Some("__x86_64__=1"))]
    #[case::nothing("#define __FOO", Some("__FOO="))]
    #[case::parameters("#define __INT8_C(c) c", Some("__INT8_C(c)=c"))]
    #[case::other("int a;", None)]
    fn lists_of_compilers_are_read(#[case] line: &str, #[case] wanted: Option<&str>) {
        assert_eq!(given(line).as_deref(), wanted);
    }

    #[test]
    fn the_usual_platform_is_known_without_a_compiler() {
        let known = predefined(&Options::default(), crate::C);
        assert!(known.contains(&"__linux__=1".to_owned()) && known.len() > 300);
        assert!(
            !known.iter().any(|d| d.starts_with("__cplusplus")) && predefined(&Options::default(), crate::CPP).iter().any(|d| d.starts_with("__cplusplus="))
        );
    }
}
