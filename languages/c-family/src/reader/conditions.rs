//! What conditionals of the preprocessor come to under the usual configuration: Linux, x86-64, GNU dialect.
//!
//! Three answers: compiled, left out, or not known from this file alone. Nothing is left unread for it: the answer only ranks what
//! stands side by side.

use super::tokens::{T, Tok};
use crate::constants::{self, Tokens, Value, Wrong, character, number};
use rustc_hash::FxHashMap;

/// Is a branch compiled?
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum Truth {
    Yes,
    No,
    Unknown,
}

impl Truth {
    pub(super) fn not(self) -> Truth {
        match self {
            Truth::Yes => Truth::No,
            Truth::No => Truth::Yes,
            Truth::Unknown => Truth::Unknown,
        }
    }

    pub(super) fn and(self, other: Truth) -> Truth {
        match (self, other) {
            (Truth::No, _) | (_, Truth::No) => Truth::No,
            (Truth::Yes, Truth::Yes) => Truth::Yes,
            _ => Truth::Unknown,
        }
    }

    fn of(value: bool) -> Truth {
        if value { Truth::Yes } else { Truth::No }
    }
}

/// What is known of a macro.
#[derive(Debug, Clone, Copy, PartialEq, Eq)]
pub(super) enum Known {
    /// Not defined.
    Absent,
    /// Defined as a number.
    Value(Value),
    /// Defined as something else.
    Defined,
    /// Nobody can tell from here.
    Unknown,
}

/// Names that the usual compilers define, and names that only other systems and compilers define.
fn predefined(name: &str, cpp: bool) -> Known {
    match name {
        "__linux__" | "__linux" | "__gnu_linux__" | "__unix__" | "__unix" | "__x86_64__" | "__x86_64" | "__amd64__" | "__amd64" | "_LP64" | "__LP64__"
        | "__ELF__" | "__STDC__" | "__STDC_HOSTED__" | "__SSE__" | "__SSE2__" => Known::Value(Value::of(1)),
        "__GNUC__" => Known::Value(Value::of(12)),
        "__GNUC_MINOR__" => Known::Value(Value::of(2)),
        "__CHAR_BIT__" | "__SIZEOF_POINTER__" | "__SIZEOF_LONG__" | "__SIZEOF_SIZE_T__" | "__SIZEOF_LONG_LONG__" => Known::Value(Value::of(8)),
        "__SIZEOF_INT__" => Known::Value(Value::of(4)),
        "__BYTE_ORDER__" | "__ORDER_LITTLE_ENDIAN__" => Known::Value(Value::of(1234)),
        "__ORDER_BIG_ENDIAN__" => Known::Value(Value::of(4321)),
        "__STDC_VERSION__" if !cpp => Known::Value(Value::of(201_710)),
        "__STDC_VERSION__" => Known::Absent,
        "__cplusplus" if cpp => Known::Value(Value::of(201_703)),
        "__cplusplus" => Known::Absent,
        "_WIN32" | "_WIN64" | "WIN32" | "WIN64" | "__WIN32__" | "_WIN32_WCE" | "_MSC_VER" | "__MINGW32__" | "__MINGW64__" | "__CYGWIN__" | "_MSVC_LANG"
        | "__APPLE__" | "__MACH__" | "macintosh" | "__FreeBSD__" | "__NetBSD__" | "__OpenBSD__" | "__DragonFly__" | "__sun" | "sun" | "__sun__"
        | "__SUNPRO_C" | "__SUNPRO_CC" | "__SVR4" | "__hpux" | "_AIX" | "__AIX__" | "__osf__" | "__sgi" | "VMS" | "__VMS" | "MSDOS" | "__MSDOS__"
        | "__DOS__" | "__DJGPP__" | "OS2" | "__OS2__" | "AMIGA" | "__amigaos__" | "__BEOS__" | "__HAIKU__" | "__QNX__" | "__BORLANDC__" | "__TURBOC__"
        | "__WATCOMC__" | "__IBMC__" | "__IBMCPP__" | "__xlc__" | "__xlC__" | "__CC_ARM" | "__ICCARM__" | "__ICC" | "__INTEL_COMPILER" | "__TINYC__"
        | "__LCC__" | "__COMO__" | "__DMC__" | "__PGI" | "__CUDACC__" | "__CUDA_ARCH__" | "__EMSCRIPTEN__" | "__wasm__" | "__ANDROID__" | "__i386__"
        | "__i386" | "_M_IX86" | "_M_X64" | "_M_AMD64" | "_M_ARM" | "_M_ARM64" | "__arm__" | "__aarch64__" | "__ARM_ARCH" | "__ARM_NEON" | "__ARM_NEON__"
        | "__ppc__" | "__powerpc__" | "__powerpc64__" | "__PPC__" | "__PPC64__" | "__mips__" | "__mips" | "__riscv" | "__s390__" | "__s390x__"
        | "__sparc__" | "__sparc" | "__ia64__" | "__alpha__" | "__hppa__" | "__m68k__" | "__sh__" | "__loongarch__" | "__BIG_ENDIAN__" | "__ARMEB__"
        | "RISCOS" | "__riscos__" | "__TANDEM" | "__MVS__" | "__OS400__" | "_WINDOWS" | "__STRICT_ANSI__" | "__ILP32__" | "_ILP32" | "__clang_analyzer__"
        | "lint" | "__lint__" | "__CHECKER__" | "DOXYGEN" => Known::Absent,
        _ => Known::Unknown,
    }
}

/// What the file has said of macros so far, by number of the spelling.
#[derive(Debug, Default)]
pub(super) struct Macros {
    said: FxHashMap<u32, Known>,
}

impl Macros {
    /// `#define` or `#undef` in a region that is compiled, or of which that is not known.
    pub(super) fn say(&mut self, id: u32, known: Known, region: Truth) {
        match region {
            Truth::Yes => {
                self.said.insert(id, known);
            }
            Truth::Unknown => {
                self.said.insert(id, Known::Unknown);
            }
            Truth::No => {}
        }
    }

    pub(super) fn find(&self, id: u32, name: &str, cpp: bool) -> Known {
        self.said.get(&id).copied().unwrap_or_else(|| predefined(name, cpp))
    }
}

/// The tokens of `#if`, under what the file has said of macros so far.
pub(super) struct Expression<'a> {
    pub(super) text: &'a str,
    pub(super) tokens: &'a [Tok],
    pub(super) macros: &'a Macros,
    pub(super) cpp: bool,
}

impl Expression<'_> {
    /// Does it hold? What is wrong with an expression is for the compiler to say; here it is not known.
    pub(super) fn truth(&self) -> Truth {
        constants::evaluate(self).ok().and_then(|(value, _)| value).map_or(Truth::Unknown, |v| Truth::of(v.bits != 0))
    }

    fn find(&self, at: usize) -> Known {
        self.tokens.get(at).map_or(Known::Unknown, |t| self.macros.find(t.id, self.spelling(at), self.cpp))
    }

    /// `defined NAME`, `defined(NAME)`: `at` is behind the word.
    fn defined(&self, at: usize) -> (Option<Value>, usize) {
        let bracket = usize::from(self.spelling(at) == "(");
        let value = match self.find(at + bracket) {
            Known::Absent => Some(Value::of(0)),
            Known::Unknown => None,
            _ => Some(Value::of(1)),
        };
        (value, at + 1 + 2 * bracket)
    }

    /// Behind the brackets of a call that begin at a token.
    fn behind_call(&self, mut at: usize) -> usize {
        let mut depth = 0;
        while let Some(token) = self.tokens.get(at) {
            at += 1;
            match token.k {
                T::LParen => depth += 1,
                T::RParen => {
                    depth -= 1;
                    if depth == 0 {
                        break;
                    }
                }
                _ => {}
            }
        }
        at
    }
}

impl Tokens for Expression<'_> {
    fn spelling(&self, at: usize) -> &str {
        self.tokens.get(at).map_or("", |t| self.text.get(t.start as usize..t.end as usize).unwrap_or(""))
    }

    fn operand(&self, at: usize) -> Result<(Option<Value>, usize), Wrong> {
        let Some(token) = self.tokens.get(at) else { return Err("an operand is missing") };
        let (spelling, next) = (self.spelling(at), at + 1);
        let value = match token.k {
            T::Number => number(spelling).ok(),
            T::Char => character(spelling).ok(),
            T::Literal => Some(Value::of(i64::from(spelling == "true"))),
            T::Name if spelling == "defined" => return Ok(self.defined(next)),
            T::Name if self.spelling(next) == "(" => return Ok((None, self.behind_call(next))),
            T::Name => match self.find(at) {
                Known::Absent => Some(Value::of(0)),
                Known::Value(value) => Some(value),
                _ => None,
            },
            _ => return Err("this is no operand"),
        };
        Ok((value, next))
    }
}
