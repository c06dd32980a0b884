//! Tokens of C and C++ as the parser sees them: keywords told from names, directives taken out.

use rustc_hash::FxHashMap;
use std::sync::LazyLock;

/// What a token is. Keywords that a parser treats alike share a kind.
#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
pub(super) enum T {
    Eof,
    Name,
    Number,
    Text,
    Char,
    Other,
    LParen,
    RParen,
    LBrace,
    RBrace,
    LBracket,
    RBracket,
    Semi,
    Comma,
    Dot,
    Arrow,
    Colon,
    Path,
    Question,
    Assign,
    Change,
    Star,
    Amp,
    AmpAmp,
    Less,
    Greater,
    Shr,
    Tilde,
    Not,
    Minus,
    Plus,
    Ellipsis,
    MemberPointer,
    Step,
    /// Any other binary operator.
    Op,
    Hash,
    // Words.
    Builtin,
    Qualifier,
    Static,
    Extern,
    Typedef,
    Struct,
    Union,
    Enum,
    Class,
    Typeof,
    Auto,
    Attribute,
    Asm,
    Sizeof,
    If,
    Else,
    While,
    Do,
    For,
    Switch,
    Case,
    Default,
    Return,
    Jump,
    Goto,
    StaticAssert,
    Generic,
    Literal,
    Namespace,
    Using,
    Template,
    Typename,
    Access,
    Virtual,
    Friend,
    Operator,
    This,
    New,
    Delete,
    Try,
    Catch,
    Throw,
    Concept,
    Requires,
    Decltype,
    Cast,
    Explicit,
    Export,
    Noexcept,
}

/// Marks of a token, as bits.
pub(super) mod mark {
    /// In a branch that the usual configuration leaves out.
    pub(in super::super) const INACTIVE: u8 = 1;
    /// The first token after a directive that begins or ends a branch.
    pub(in super::super) const BRANCH: u8 = 2;
    /// First of its line.
    pub(in super::super) const LINE: u8 = 4;
    /// A bracket that only an alternative branch opens or closes.
    pub(in super::super) const DROPPED: u8 = 8;
    /// Put in the place of a macro.
    pub(in super::super) const MADE: u8 = 16;
}

/// One token.
#[derive(Debug, Clone, Copy)]
pub(super) struct Tok {
    pub(super) k: T,
    pub(super) marks: u8,
    /// Number of the name among the file's spellings; for words too.
    pub(super) id: u32,
    pub(super) start: u32,
    pub(super) end: u32,
}

impl Tok {
    pub(super) fn is(self, mark: u8) -> bool {
        self.marks & mark != 0
    }
}

const WORDS_OF_BOTH: &[(&str, T)] = &[
    ("void", T::Builtin),
    ("char", T::Builtin),
    ("short", T::Builtin),
    ("int", T::Builtin),
    ("long", T::Builtin),
    ("float", T::Builtin),
    ("double", T::Builtin),
    ("signed", T::Builtin),
    ("unsigned", T::Builtin),
    ("_Bool", T::Builtin),
    ("_Complex", T::Builtin),
    ("__signed__", T::Builtin),
    ("__int128", T::Builtin),
    ("const", T::Qualifier),
    ("volatile", T::Qualifier),
    ("restrict", T::Qualifier),
    ("__restrict", T::Qualifier),
    ("__restrict__", T::Qualifier),
    ("__const", T::Qualifier),
    ("__volatile__", T::Qualifier),
    ("__volatile", T::Qualifier),
    ("_Atomic", T::Qualifier),
    ("inline", T::Qualifier),
    ("__inline", T::Qualifier),
    ("__inline__", T::Qualifier),
    ("register", T::Qualifier),
    ("_Noreturn", T::Qualifier),
    ("_Thread_local", T::Qualifier),
    ("__thread", T::Qualifier),
    ("__extension__", T::Qualifier),
    ("static", T::Static),
    ("extern", T::Extern),
    ("typedef", T::Typedef),
    ("struct", T::Struct),
    ("union", T::Union),
    ("enum", T::Enum),
    ("typeof", T::Typeof),
    ("__typeof__", T::Typeof),
    ("__typeof", T::Typeof),
    ("typeof_unqual", T::Typeof),
    ("__auto_type", T::Auto),
    ("auto", T::Auto),
    ("__attribute__", T::Attribute),
    ("__attribute", T::Attribute),
    ("__declspec", T::Attribute),
    ("_Alignas", T::Attribute),
    ("asm", T::Asm),
    ("__asm__", T::Asm),
    ("__asm", T::Asm),
    ("sizeof", T::Sizeof),
    ("_Alignof", T::Sizeof),
    ("__alignof__", T::Sizeof),
    ("__alignof", T::Sizeof),
    ("if", T::If),
    ("else", T::Else),
    ("while", T::While),
    ("do", T::Do),
    ("for", T::For),
    ("switch", T::Switch),
    ("case", T::Case),
    ("default", T::Default),
    ("return", T::Return),
    ("break", T::Jump),
    ("continue", T::Jump),
    ("goto", T::Goto),
    ("_Static_assert", T::StaticAssert),
    ("_Generic", T::Generic),
];

const WORDS_OF_CPP: &[(&str, T)] = &[
    ("bool", T::Builtin),
    ("wchar_t", T::Builtin),
    ("char8_t", T::Builtin),
    ("char16_t", T::Builtin),
    ("char32_t", T::Builtin),
    ("constexpr", T::Qualifier),
    ("consteval", T::Qualifier),
    ("constinit", T::Qualifier),
    ("mutable", T::Qualifier),
    ("thread_local", T::Qualifier),
    ("explicit", T::Explicit),
    ("class", T::Class),
    ("alignas", T::Attribute),
    ("alignof", T::Sizeof),
    ("typeid", T::Sizeof),
    ("noexcept", T::Noexcept),
    ("static_assert", T::StaticAssert),
    ("true", T::Literal),
    ("false", T::Literal),
    ("nullptr", T::Literal),
    ("namespace", T::Namespace),
    ("using", T::Using),
    ("template", T::Template),
    ("typename", T::Typename),
    ("public", T::Access),
    ("private", T::Access),
    ("protected", T::Access),
    ("virtual", T::Virtual),
    ("friend", T::Friend),
    ("operator", T::Operator),
    ("this", T::This),
    ("new", T::New),
    ("delete", T::Delete),
    ("try", T::Try),
    ("catch", T::Catch),
    ("throw", T::Throw),
    ("co_return", T::Return),
    ("co_await", T::Throw),
    ("co_yield", T::Throw),
    ("concept", T::Concept),
    ("requires", T::Requires),
    ("decltype", T::Decltype),
    ("static_cast", T::Cast),
    ("dynamic_cast", T::Cast),
    ("const_cast", T::Cast),
    ("reinterpret_cast", T::Cast),
    ("export", T::Export),
    ("and", T::Op),
    ("or", T::Op),
    ("not", T::Not),
];

/// Words of C23 that older code uses as names are left out: `bool`, `true` and the like resolve as any name does.
static C_WORDS: LazyLock<FxHashMap<&'static str, T>> = LazyLock::new(|| WORDS_OF_BOTH.iter().copied().collect());
static CPP_WORDS: LazyLock<FxHashMap<&'static str, T>> = LazyLock::new(|| WORDS_OF_BOTH.iter().chain(WORDS_OF_CPP).copied().collect());

/// The kind of a word: a keyword of the language, or a name.
pub(super) fn word(text: &str, cpp: bool) -> T {
    let words: &FxHashMap<&str, T> = if cpp { &CPP_WORDS } else { &C_WORDS };
    words.get(text).copied().unwrap_or(T::Name)
}

/// Is the text a word of the language, for showing it on screen?
pub(crate) fn is_keyword(text: &str, cpp: bool) -> bool {
    word(text, cpp) != T::Name
}

/// The kind of a punctuator.
pub(super) fn punctuator(text: &str) -> T {
    match text {
        "(" => T::LParen,
        ")" => T::RParen,
        "{" | "<%" => T::LBrace,
        "}" | "%>" => T::RBrace,
        "[" | "<:" => T::LBracket,
        "]" | ":>" => T::RBracket,
        ";" => T::Semi,
        "," => T::Comma,
        "." => T::Dot,
        "->" => T::Arrow,
        ":" => T::Colon,
        "::" => T::Path,
        "?" => T::Question,
        "=" => T::Assign,
        "+=" | "-=" | "*=" | "/=" | "%=" | "&=" | "|=" | "^=" | "<<=" | ">>=" => T::Change,
        "*" => T::Star,
        "&" => T::Amp,
        "&&" => T::AmpAmp,
        "<" => T::Less,
        ">" => T::Greater,
        ">>" => T::Shr,
        "~" => T::Tilde,
        "!" => T::Not,
        "-" => T::Minus,
        "+" => T::Plus,
        "..." => T::Ellipsis,
        ".*" | "->*" => T::MemberPointer,
        "++" | "--" => T::Step,
        "#" | "##" => T::Hash,
        "\\" | "@" | "`" | "\"" | "'" => T::Other,
        _ => T::Op,
    }
}
