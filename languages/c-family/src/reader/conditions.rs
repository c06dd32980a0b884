//! What conditionals of the preprocessor come to under the usual configuration: Linux, x86-64, GNU dialect.
//!
//! Three answers: compiled, left out, or not known from this file alone. Nothing is left unread for it: the answer only ranks what
//! stands side by side.

use super::tokens::{T, Tok};
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
    Value(i64),
    /// Defined as something else.
    Defined,
    /// Nobody can tell from here.
    Unknown,
}

/// Names that the usual compilers define, and names that only other systems and compilers define.
fn predefined(name: &str, cpp: bool) -> Known {
    match name {
        "__linux__" | "__linux" | "__gnu_linux__" | "__unix__" | "__unix" | "__x86_64__" | "__x86_64" | "__amd64__" | "__amd64" | "_LP64" | "__LP64__"
        | "__ELF__" | "__STDC__" | "__STDC_HOSTED__" | "__SSE__" | "__SSE2__" => Known::Value(1),
        "__GNUC__" => Known::Value(12),
        "__GNUC_MINOR__" => Known::Value(2),
        "__CHAR_BIT__" | "__SIZEOF_POINTER__" | "__SIZEOF_LONG__" | "__SIZEOF_SIZE_T__" | "__SIZEOF_LONG_LONG__" => Known::Value(8),
        "__SIZEOF_INT__" => Known::Value(4),
        "__BYTE_ORDER__" | "__ORDER_LITTLE_ENDIAN__" => Known::Value(1234),
        "__ORDER_BIG_ENDIAN__" => Known::Value(4321),
        "__STDC_VERSION__" if !cpp => Known::Value(201_710),
        "__STDC_VERSION__" => Known::Absent,
        "__cplusplus" if cpp => Known::Value(201_703),
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

/// Evaluates the tokens of `#if`; the grammar is that of constant expressions.
pub(super) struct Evaluation<'a> {
    pub(super) text: &'a str,
    pub(super) tokens: &'a [Tok],
    pub(super) macros: &'a Macros,
    pub(super) cpp: bool,
    pub(super) at: usize,
    pub(super) depth: u32,
}

/// A value, if known.
type Value = Option<i64>;

impl Evaluation<'_> {
    pub(super) fn truth(&mut self) -> Truth {
        match self.ternary() {
            Some(v) => Truth::of(v != 0),
            None => Truth::Unknown,
        }
    }

    fn spelled(&self, i: usize) -> &str {
        self.tokens.get(i).map_or("", |t| self.text.get(t.start as usize..t.end as usize).unwrap_or(""))
    }

    fn ternary(&mut self) -> Value {
        self.depth += 1;
        let value = if self.depth > 64 { None } else { self.ternary_within() };
        self.depth -= 1;
        value
    }

    fn ternary_within(&mut self) -> Value {
        let condition = self.binary(0);
        if self.tokens.get(self.at).is_some_and(|t| t.k == T::Question) {
            self.at += 1;
            let yes = self.ternary();
            self.at += 1;
            let no = self.ternary();
            return if condition? != 0 { yes } else { no };
        }
        condition
    }

    fn binary(&mut self, least: u8) -> Value {
        let mut left = self.unary();
        loop {
            let operator = self.spelled(self.at).to_owned();
            let Some(rank) = rank(&operator).filter(|r| *r >= least) else { return left };
            self.at += 1;
            let right = self.binary(rank + 1);
            left = combine(&operator, left, right);
        }
    }

    fn unary(&mut self) -> Value {
        self.depth += 1;
        let value = if self.depth > 64 { None } else { self.unary_within() };
        self.depth -= 1;
        value
    }

    fn unary_within(&mut self) -> Value {
        let token = self.tokens.get(self.at).copied()?;
        self.at += 1;
        match token.k {
            T::Not => self.unary().map(|v| i64::from(v == 0)),
            T::Minus => self.unary().map(i64::wrapping_neg),
            T::Plus => self.unary(),
            T::Tilde => self.unary().map(|v| !v),
            T::Number => number(self.spelled(self.at - 1)),
            T::LParen => {
                let value = self.ternary();
                if self.tokens.get(self.at).is_some_and(|t| t.k == T::RParen) {
                    self.at += 1;
                }
                value
            }
            T::Literal => Some(i64::from(self.spelled(self.at - 1) == "true")),
            T::Name if self.spelled(self.at - 1) == "defined" => self.defined(),
            T::Name => self.named(token),
            _ => None,
        }
    }

    fn defined(&mut self) -> Value {
        let bracket = self.tokens.get(self.at).is_some_and(|t| t.k == T::LParen);
        self.at += usize::from(bracket);
        let token = self.tokens.get(self.at).copied()?;
        let name = self.spelled(self.at);
        let known = self.macros.find(token.id, name, self.cpp);
        self.at += 1 + usize::from(bracket);
        match known {
            Known::Absent => Some(0),
            Known::Unknown => None,
            _ => Some(1),
        }
    }

    fn named(&mut self, token: Tok) -> Value {
        let known = self.macros.find(token.id, self.spelled(self.at - 1), self.cpp);
        if self.tokens.get(self.at).is_some_and(|t| t.k == T::LParen) {
            self.skip_call();
            return None;
        }
        match known {
            Known::Absent => Some(0),
            Known::Value(v) => Some(v),
            _ => None,
        }
    }

    fn skip_call(&mut self) {
        let mut depth = 0;
        while let Some(t) = self.tokens.get(self.at) {
            self.at += 1;
            match t.k {
                T::LParen => depth += 1,
                T::RParen => {
                    depth -= 1;
                    if depth == 0 {
                        return;
                    }
                }
                _ => {}
            }
        }
    }
}

fn rank(operator: &str) -> Option<u8> {
    Some(match operator {
        "||" | "or" => 1,
        "&&" | "and" => 2,
        "|" => 3,
        "^" => 4,
        "&" => 5,
        "==" | "!=" => 6,
        "<" | ">" | "<=" | ">=" => 7,
        "<<" | ">>" => 8,
        "+" | "-" => 9,
        "*" | "/" | "%" => 10,
        _ => return None,
    })
}

fn combine(operator: &str, left: Value, right: Value) -> Value {
    // One side may settle it alone.
    match (operator, left, right) {
        ("&&" | "and", Some(0), _) | ("&&" | "and", _, Some(0)) => return Some(0),
        ("||" | "or", Some(v), _) | ("||" | "or", _, Some(v)) if v != 0 => return Some(1),
        _ => {}
    }
    let (a, b) = (left?, right?);
    Some(match operator {
        "||" | "or" => i64::from(a != 0 || b != 0),
        "&&" | "and" => i64::from(a != 0 && b != 0),
        "|" => a | b,
        "^" => a ^ b,
        "&" => a & b,
        "==" => i64::from(a == b),
        "!=" => i64::from(a != b),
        "<" => i64::from(a < b),
        ">" => i64::from(a > b),
        "<=" => i64::from(a <= b),
        ">=" => i64::from(a >= b),
        "<<" => a.wrapping_shl(b as u32),
        ">>" => a.wrapping_shr(b as u32),
        "+" => a.wrapping_add(b),
        "-" => a.wrapping_sub(b),
        "*" => a.wrapping_mul(b),
        "/" => a.checked_div(b)?,
        "%" => a.checked_rem(b)?,
        _ => return None,
    })
}

/// The value of a number of the preprocessor.
pub(super) fn number(text: &str) -> Value {
    let digits = text.trim_end_matches(['u', 'U', 'l', 'L']).replace('\'', "");
    if let Some(hex) = digits.strip_prefix("0x").or(digits.strip_prefix("0X")) {
        return i64::from_str_radix(hex, 16).ok();
    }
    if digits.len() > 1 && digits.starts_with('0') {
        return i64::from_str_radix(&digits[1..], 8).ok();
    }
    digits.parse().ok()
}
