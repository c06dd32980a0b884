//! What is known of macros before a file is read: under the two usual compilers of Linux on x86-64, gcc 12 and clang 14.

use super::Known;
use crate::constants::{Value, number};
use compass_facts::profile::{Words, words};
use rustc_hash::FxHashMap;
use std::sync::OnceLock;

/// How many compilers' views are followed side by side.
pub(super) const COMPILERS: usize = 2;
const GNU: usize = 0;

/// What clang defines otherwise than gcc does.
const OF_CLANG: [(&str, i64); 7] = [
    ("__clang__", 1),
    ("__clang_major__", 14),
    ("__clang_minor__", 0),
    ("__clang_patchlevel__", 0),
    ("__GNUC__", 4),
    ("__GNUC_MINOR__", 2),
    ("__GNUC_PATCHLEVEL__", 1),
];

/// What the usual library of C++ defines in every header of it, and the usual library of C.
const OF_LIBRARIES: [(&str, i64); 4] = [("__GLIBCXX__", 20_220_819), ("_GLIBCXX_RELEASE", 12), ("__GLIBC__", 2), ("__GLIBC_MINOR__", 36)];

/// What `<limits.h>` and `<stdint.h>` say of integers: files that ask include them.
const LIMITS: [(&str, i64); 30] = [
    ("CHAR_BIT", 8),
    ("SCHAR_MIN", -128),
    ("SCHAR_MAX", 127),
    ("UCHAR_MAX", 255),
    ("CHAR_MIN", -128),
    ("CHAR_MAX", 127),
    ("SHRT_MIN", -32_768),
    ("SHRT_MAX", 32_767),
    ("USHRT_MAX", 65_535),
    ("INT_MIN", i32::MIN as i64),
    ("INT_MAX", i32::MAX as i64),
    ("UINT_MAX", u32::MAX as i64),
    ("LONG_MIN", i64::MIN),
    ("LONG_MAX", i64::MAX),
    ("LLONG_MIN", i64::MIN),
    ("LLONG_MAX", i64::MAX),
    ("SSIZE_MAX", i64::MAX),
    ("PTRDIFF_MAX", i64::MAX),
    ("INTPTR_MAX", i64::MAX),
    ("INTMAX_MAX", i64::MAX),
    ("INT8_MAX", 127),
    ("INT16_MAX", 32_767),
    ("INT32_MAX", i32::MAX as i64),
    ("INT64_MAX", i64::MAX),
    ("UINT8_MAX", 255),
    ("UINT16_MAX", 65_535),
    ("UINT32_MAX", u32::MAX as i64),
    ("INT8_MIN", -128),
    ("INT16_MIN", -32_768),
    ("INT32_MIN", i32::MIN as i64),
];

/// The largest of the unsigned ones.
const LARGEST: [&str; 6] = ["ULONG_MAX", "ULLONG_MAX", "SIZE_MAX", "UINT64_MAX", "UINTMAX_MAX", "UINTPTR_MAX"];

/// Sizes of types in bytes, as scripts that configure a build call them: `SIZEOF_LONG`.
const SIZES: [(&str, i64); 24] = [
    ("CHAR", 1),
    ("SHORT", 2),
    ("SHORT_INT", 2),
    ("INT", 4),
    ("UNSIGNED", 4),
    ("UNSIGNED_INT", 4),
    ("LONG", 8),
    ("LONG_INT", 8),
    ("UNSIGNED_LONG", 8),
    ("LONG_LONG", 8),
    ("LONG_LONG_INT", 8),
    ("UNSIGNED_LONG_LONG", 8),
    ("FLOAT", 4),
    ("DOUBLE", 8),
    ("LONG_DOUBLE", 16),
    ("SIZE_T", 8),
    ("SSIZE_T", 8),
    ("OFF_T", 8),
    ("OFF64_T", 8),
    ("TIME_T", 8),
    ("WCHAR_T", 4),
    ("VOID_P", 8),
    ("VOIDP", 8),
    ("INTPTR_T", 8),
];

/// What asks a compiler what it can do, and has to be asked for before it is used.
const ASKING: [&str; 6] = ["__has_include", "__has_include_next", "__has_attribute", "__has_builtin", "__has_cpp_attribute", "__has_c_attribute"];
const ASKING_CLANG: [&str; 5] = ["__has_feature", "__has_extension", "__has_declspec_attribute", "__has_warning", "__is_identifier"];

/// Names that only other systems, machines and compilers define, or analysers and makers of documentation, or unusual ways of compiling.
static OF_OTHERS: Words = Words::new(|| words(include_str!("../../data/macros_of_others.txt")));
/// Attributes that both compilers know, without the underlines around them.
static ATTRIBUTES: Words = Words::new(|| words(include_str!("../../data/attributes.txt")));

/// Attributes of the language itself, in C++ as of 2017.
const OF_THE_LANGUAGE: [&str; 6] = ["carries_dependency", "deprecated", "fallthrough", "maybe_unused", "nodiscard", "noreturn"];

/// What `__has_feature` is asked for and a usual build has not.
const FEATURES_OF_SPECIAL_BUILDS: [&str; 9] = [
    "address_sanitizer",
    "dataflow_sanitizer",
    "hwaddress_sanitizer",
    "memory_sanitizer",
    "modules",
    "objc_arc",
    "safe_stack",
    "thread_sanitizer",
    "undefined_behavior_sanitizer",
];

/// What a compiler says of a name by itself.
pub(super) fn predefined(name: &str, cpp: bool, compiler: usize) -> Known {
    static LISTS: OnceLock<[[FxHashMap<&str, Known>; COMPILERS]; 2]> = OnceLock::new();
    let lists = LISTS.get_or_init(|| [false, true].map(|cpp| std::array::from_fn(|compiler| list(cpp, compiler))));
    if let Some(known) = lists[usize::from(cpp)][compiler].get(name) {
        return *known;
    }
    if let Some(size) = name.strip_prefix("SIZEOF_").and_then(|of| SIZES.iter().find(|s| s.0 == of)) {
        return Known::Value(Value::of(size.1));
    }
    // Names of the language's features, and of sanitizers: those that there are stand in the list. What the library has, its headers say.
    let is_feature = name.starts_with("__cpp_") && !name.starts_with("__cpp_lib_");
    if is_feature || name.starts_with("__SANITIZE_") { Known::Absent } else { Known::Unknown }
}

fn list(cpp: bool, compiler: usize) -> FxHashMap<&'static str, Known> {
    let value = |v: i64| Known::Value(Value::of(v));
    let mut out: FxHashMap<&str, Known> = OF_OTHERS.iter().map(|name| (*name, Known::Absent)).collect();
    for line in crate::predefined::usual(cpp).lines() {
        let Some((name, body)) = line.strip_prefix("#define ").and_then(|rest| rest.split_once(' ')) else { continue };
        if !name.contains('(') {
            out.insert(name, number(body).map_or(Known::Defined, Known::Value));
        }
    }
    out.extend([("__BYTE_ORDER__", value(1234)), (if cpp { "__STDC_VERSION__" } else { "__cplusplus" }, Known::Absent)]);
    out.extend(LIMITS.map(|(name, v)| (name, value(v))));
    let largest = number("0xffffffffffffffffUL").map_or(Known::Unknown, Known::Value);
    out.extend(LARGEST.map(|name| (name, largest)));
    out.extend(ASKING.map(|name| (name, Known::Defined)));
    out.extend(ASKING_CLANG.map(|name| (name, if compiler == GNU { Known::Absent } else { Known::Defined })));
    out.extend(OF_LIBRARIES.iter().filter(|l| cpp || l.0.starts_with("__GLIBC_")).map(|(name, v)| (*name, value(*v))));
    out.extend(
        OF_CLANG
            .iter()
            .filter(|c| compiler != GNU || c.0.starts_with("__clang"))
            .map(|(name, v)| (*name, if compiler == GNU { Known::Absent } else { value(*v) })),
    );
    out
}

/// What a question to the compiler gives, `__has_attribute(noinline)`: nothing where that is not known.
pub(super) fn asked(question: &str, of: &str) -> Option<Value> {
    let yes = |known: bool| known.then_some(Value::of(1));
    let plain = of.trim_start_matches("__").trim_end_matches("__");
    match question {
        "__has_attribute" => yes(ATTRIBUTES.contains(plain)),
        "__has_cpp_attribute" => OF_THE_LANGUAGE.contains(&plain).then_some(Value::of(201_603)),
        "__has_include" => yes(of.strip_prefix('<').and_then(|h| h.strip_suffix('>')).is_some_and(|h| is_header(h.trim()))),
        "__has_feature" | "__has_extension" if FEATURES_OF_SPECIAL_BUILDS.contains(&plain) => Some(Value::of(0)),
        "__has_feature" | "__has_extension" => yes(plain.starts_with("cxx_")),
        "__has_declspec_attribute" => Some(Value::of(0)),
        _ => None,
    }
}

/// Is it a header of the usual system, one that this program declares?
fn is_header(name: &str) -> bool {
    crate::DECLARED.iter().any(|(path, _)| *path == name || path.strip_prefix("c++/").and_then(|p| p.strip_suffix(".hpp")) == Some(name))
}

#[cfg(test)]
mod tests {
    use super::*;
    use rstest::rstest;

    #[rstest]
    #[case::of_the_language("__cpp_lambdas", Known::Value(Value::of(200_907)))]
    #[case::of_a_later_language("__cpp_concepts", Known::Absent)]
    #[case::of_the_library("__cpp_lib_optional", Known::Unknown)]
    #[case::of_another_system("_WIN32", Known::Absent)]
    #[case::of_the_code("RACK_DEBUG", Known::Unknown)]
    fn what_compilers_say_by_themselves(#[case] name: &str, #[case] wanted: Known) {
        assert_eq!([0, 1].map(|compiler| predefined(name, true, compiler)), [wanted; COMPILERS]);
    }

    #[rstest]
    #[case::a_header_of_cpp("__has_include", "<optional>", Some(1))]
    #[case::a_header_of_c("__has_include", "<sys/stat.h>", Some(1))]
    #[case::an_unknown_header("__has_include", "<rack.h>", None)]
    #[case::an_own_header("__has_include", "\"stdio.h\"", None)]
    #[case::a_sanitizer("__has_feature", "thread_sanitizer", Some(0))]
    #[case::an_attribute("__has_attribute", "__noinline__", Some(1))]
    #[case::an_unknown_attribute("__has_attribute", "oiled", None)]
    #[case::what_is_built_in("__has_builtin", "__builtin_turn", None)]
    fn what_is_asked_is_answered_where_all_agree(#[case] question: &str, #[case] of: &str, #[case] wanted: Option<i64>) {
        assert_eq!(asked(question, of).map(|v| v.bits), wanted);
    }
}
